let place = "Mobrel";

/** The place the cook is at, as the window's title says it. */
export function placeNow(): string {
  return place;
}

export function setPlace(name: string) {
  place = name;
  document.title = `${name} · Mobrel`;
}
