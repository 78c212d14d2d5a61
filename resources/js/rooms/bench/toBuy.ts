import type { Route } from '../../api/types';

/** How many things a route has bought, and how many of them where one has to go furthest: "3 to buy, any grocer", "5 to buy, 1 from a pastry supplier". */
export function buying({ to_buy: things }: Route): string {
    const furthest = things[things.length - 1];
    if (!furthest) return 'nothing to buy';
    const there = things.filter((one) => one.tier === furthest.tier).length;
    // A number stays on the line of its word.
    return `${String(things.length)}\u00a0to\u00a0buy, ${there < things.length ? `${String(there)}\u00a0from a ` : ''}${furthest.where}`;
}

/** What is bought, by where: "Cornflour; oat milk: any grocer. Agar powder: baker’s or health shop." */
export function shopping({ to_buy: things }: Route): string {
    const shops = [...new Set(things.map((one) => one.where))];
    const at = (shop: string) => things.filter((one) => one.where === shop).map((one) => one.name).join('; ');
    return shops.length === 0 ? 'nothing' : `${shops.map((shop) => `${at(shop)}: ${shop}`).join('. ')}.`;
}
