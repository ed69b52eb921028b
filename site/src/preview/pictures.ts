/** The places of a page where a picture of the owner's stands, or could stand, by the use it is given on the facts sheet. */
const PLACES: Record<string, string> = {
  '.logo': 'logo',
  '.beside > .pic, .across .shot, .across .orn': 'opening'
};

/** The use of the picture that was pressed; empty where no picture stands. */
export function pictureAt(target: Element): string {
  return Object.entries(PLACES).find(([place]) => target.closest(place))?.[1] ?? '';
}
