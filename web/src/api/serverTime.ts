/** How far the server's clock is ahead of this tablet's. Rests are the same on every page, whatever its own clock says. */
let ahead = 0;

export function heardServerTime(serverMillis: number): void {
  ahead = serverMillis - Date.now();
}

export const serverNow = (): number => Date.now() + ahead;

/** Where the shop is: its days are its own, wherever the page is read. */
let zone: string | undefined;

export function heardShopZone(shopZone: string): void {
  zone = shopZone;
}

export const shopZone = (): string | undefined => zone;
