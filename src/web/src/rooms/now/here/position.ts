/** Where a receiver says one is. */
export interface Fix {
  latitudeDeg: number;
  longitudeDeg: number;
  /** How far out it may be, m. */
  accuracyM: number;
}

/** Something that finds the place. */
export interface Positioning {
  /** What a button that asks it says. */
  name: string;
  /** Rejects in words a person understands. */
  find: () => Promise<Fix>;
}

const patienceMs = 20_000;

const refused = new Map([
  [1, 'The place was not allowed to be asked for. Allow it in the browser, or choose the place by hand.'],
  [2, 'No satellites are to be had here. Choose the place by hand.'],
  [3, 'No place was found in time. Try again under open sky, or choose it by hand.'],
]);

/** The device's own receiver; the browser asks the person before it answers. */
export const receiver: Positioning = {
  name: 'Find me',
  find: () =>
    new Promise((resolve, reject) => {
      if (!('geolocation' in navigator)) {
        reject(new Error(refused.get(2)));
        return;
      }
      navigator.geolocation.getCurrentPosition(
        ({ coords }) =>
          resolve({
            latitudeDeg: coords.latitude,
            longitudeDeg: coords.longitude,
            accuracyM: coords.accuracy,
          }),
        ({ code }) => reject(new Error(refused.get(code) ?? refused.get(2))),
        { enableHighAccuracy: true, timeout: patienceMs, maximumAge: 30_000 },
      );
    }),
};

export interface LinePoint {
  latitudeDeg: number;
  longitudeDeg: number;
  alongKm: number;
}

/** How far a simulated walker has come between two looks, km. */
export const strideKm = 1;

/** A stand-in for the receiver: a walker on the route's own line, a stride further on at each look, ten metres beside the line. */
export function simulated(
  line: LinePoint[],
  lengthKm: number,
  fromKm: number,
): Positioning & { km: () => number } {
  let km = fromKm;
  return {
    name: 'Walk on (simulated)',
    km: () => km,
    find: () => {
      km = Math.min(lengthKm, km + strideKm);
      const after = line.findIndex(({ alongKm }, k) => k > 0 && alongKm >= km);
      const i = (after < 0 ? line.length - 1 : after) - 1;
      const [from, to] = [line[i].alongKm, line[i + 1].alongKm];
      const between = (a: number, b: number) => a + ((km - from) / (to - from || 1)) * (b - a);
      return Promise.resolve({
        latitudeDeg: between(line[i].latitudeDeg, line[i + 1].latitudeDeg) + 0.00009,
        longitudeDeg: between(line[i].longitudeDeg, line[i + 1].longitudeDeg),
        accuracyM: 15,
      });
    },
  };
}
