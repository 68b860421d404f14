import type { Schema, TreatRequest, TreatResponse } from '../../core/contract';
import type { Entry } from '../../store/bookLines';
import type { InHand } from '../../store/InHandContext';

/** Less than this is what a hand's measure is out by, L. */
const slackL = 0.011;

interface Starting {
  request: TreatRequest;
  answer: TreatResponse;
  containerId: string | null;
  /** The source of the trip the water was judged at. */
  here: string | null;
}

/**
 * What starting a treatment tells the log by itself: that the container was filled, unless its water was written down or runs through a
 * filter into it, and what the source was like.
 */
export function startLines(
  state: InHand | undefined,
  { request, answer, containerId, here }: Starting,
): Entry[] {
  const at = request.startAt;
  const { volumeL, clarity, colour, temperatureC } = request.water ?? {};
  const container = state?.containers.find(({ id }) => id === containerId);
  const lines: Entry[] = [];
  const missing = (volumeL ?? 0) - (container?.litres ?? 0);
  if (container && !answer.filter && missing > slackL && request.snow == null) {
    const seen: Pick<Schema<'BookLineFilled'>, 'clarity' | 'colour' | 'temperatureC'> = {
      clarity,
      colour,
      temperatureC,
    };
    lines.push({ kind: 'filled', at, containerId: container.id, litres: missing, sourceId: here, ...seen });
  }
  if (here !== null)
    lines.push({
      kind: 'sourceSeen',
      at,
      sourceId: here,
      flowing: true,
      clarity,
      colour,
      temperatureC,
      seen: request.source?.seen ?? null,
    });
  return lines;
}
