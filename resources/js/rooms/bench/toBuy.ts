import type { Route } from '../../api/types';

/** How many things a route has bought, and where the furthest of them is: "3 to buy, any grocer". */
export function buying({ to_buy: things }: Route): string {
    const furthest = things[things.length - 1];
    if (!furthest) return 'nothing to buy';
    const isSome = furthest.tier > 1 && things.some((one) => one.tier < furthest.tier);
    return `${String(things.length)} to buy, ${isSome ? 'one at least from a ' : ''}${furthest.where}`;
}

/** What is bought, by where: "Cornflour, oat milk: any grocer. Agar powder: baker’s or health shop." */
export function shopping({ to_buy: things }: Route): string {
    const shops = [...new Set(things.map((one) => one.where))];
    const at = (shop: string) => things.filter((one) => one.where === shop).map((one) => one.name).join(', ');
    return shops.length === 0 ? 'nothing' : `${shops.map((shop) => `${at(shop)}: ${shop}`).join('. ')}.`;
}
