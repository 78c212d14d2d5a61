import type { Route } from '../../api/types';

/** How many things a route has bought, and where the furthest of them is: "3 to buy, any grocer". */
export function buying(route: Route): string {
    const furthest = route.to_buy[route.to_buy.length - 1];
    return furthest ? `${String(route.to_buy.length)} to buy, ${furthest.tier === 1 ? furthest.where : `${route.to_buy.filter((one) => one.tier === furthest.tier).length === route.to_buy.length ? '' : 'one at least from a '}${furthest.where}`}` : 'nothing to buy';
}

/** What is bought, by where: "Cornflour, oat milk: any grocer. Agar powder: baker’s or health shop." */
export function shopping(route: Route): string {
    const shops = [...new Set(route.to_buy.map((one) => one.where))];
    return shops.length === 0 ? 'nothing' : `${shops.map((shop) => `${route.to_buy.filter((one) => one.where === shop).map((one) => one.name).join(', ')}: ${shop}`).join('. ')}.`;
}
