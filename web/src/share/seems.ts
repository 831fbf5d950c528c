/** What kind of device this seems to be; the grower may call it otherwise. */
export function seems() {
  if (matchMedia("(pointer: fine)").matches) return "computer";
  return Math.min(screen.width, screen.height) > 600 ? "tablet" : "phone";
}
