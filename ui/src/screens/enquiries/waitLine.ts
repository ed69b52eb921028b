import type { Enquiry } from '../../api/client';

/** What a closed time takes of the line, however long it is: as much as this part of the work beside it. */
const GAP = 0.07;

/** A part of the line from the message to the promised answer, in per cent of its length. */
export interface Part {
  kind: 'work' | 'closed';
  from: number;
  to: number;
}

/**
 * The line a wait runs along: hours of work at their length, closed hours between them as short gaps.
 *
 * @property now where the hand stands
 * @property due where the door stands: the end, or earlier where the promise is over
 */
export interface Line {
  parts: Part[];
  now: number;
  due: number;
  late: boolean;
}

/** The line of an enquiry, or nothing where no answer is promised. */
export function waitLine(enquiry: Enquiry, now: Date): Line | null {
  if (!enquiry.due) return null;
  const received = Date.parse(enquiry.receivedAt);
  const due = Date.parse(enquiry.due);
  const end = Math.max(due, now.getTime());
  const spans = enquiry.work.map((span) => ({ from: Date.parse(span.from), to: Date.parse(span.to) }));
  const worked = spans.reduce((sum, span) => sum + span.to - span.from, 0);
  const pieces: { kind: Part['kind']; from: number; to: number }[] = [];
  let at = received;
  for (const span of spans) {
    if (span.from > at) pieces.push({ kind: 'closed', from: at, to: span.from });
    pieces.push({ kind: 'work', ...span });
    at = span.to;
  }
  if (end > at) pieces.push({ kind: 'closed', from: at, to: end });
  const gap = worked > 0 ? worked * GAP : end - received || 1;
  const weight = (piece: { kind: Part['kind']; from: number; to: number }): number =>
    piece.kind === 'work' ? piece.to - piece.from : gap;
  const whole = pieces.reduce((sum, piece) => sum + weight(piece), 0) || 1;

  let run = 0;
  const placed = pieces.map((piece) => {
    const from = run;
    run += weight(piece);
    return { ...piece, left: (from / whole) * 100, right: (run / whole) * 100 };
  });
  const place = (instant: number): number => {
    const piece = placed.find((each) => instant <= each.to) ?? placed.at(-1);
    if (!piece || piece.to === piece.from) return 100;
    const part = Math.min(1, Math.max(0, (instant - piece.from) / (piece.to - piece.from)));
    return piece.left + part * (piece.right - piece.left);
  };
  return {
    parts: placed.map(({ kind, left, right }) => ({ kind, from: left, to: right })),
    now: place(now.getTime()),
    due: place(due),
    late: now.getTime() > due
  };
}
