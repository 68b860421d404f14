/** The least a finger's place may be, px (WCAG 2.2, target size). */
const least = 25;

/** The most it needs to be, px. */
const most = 44;

export interface TouchPlace {
  left: number;
  width: number;
}

/** The middles of things of a width, in order, moved apart where they crowd so that none overlap on a strip with room for all. */
export function movedApart(at: number[], width: number, stripWidth: number): number[] {
  const middle = [...at];
  for (let i = 0; i < middle.length; i++) {
    middle[i] = Math.max(middle[i], width / 2, i === 0 ? 0 : middle[i - 1] + width);
  }
  for (let i = middle.length - 1; i >= 0; i--) {
    middle[i] = Math.min(middle[i], i === middle.length - 1 ? stripWidth - width / 2 : middle[i + 1] - width);
  }
  return middle;
}

/** Where marks are drawn along a strip, in order: beside one another where there is room for all, at their places where there is not. */
export function markHeads(at: number[], stripWidth: number): number[] {
  return at.length * least > stripWidth ? at : movedApart(at, least, stripWidth);
}

/** A place to touch for each mark, in order: where marks crowd, their places move apart and get narrower, but never overlap. */
export function spreadMarks(at: number[], stripWidth: number): TouchPlace[] {
  const middle = movedApart(at, least, stripWidth);
  return middle.map((x, i) => {
    const room = (beside: number | undefined) => (beside === undefined ? most : Math.abs(x - beside)) / 2;
    const [before, after] = [room(middle[i - 1]), room(middle[i + 1])].map((half) =>
      Math.min(half, most / 2),
    );
    return { left: x - before, width: before + after };
  });
}
