import { FIRST_SIGNS, LATER_SIGNS, SIGNS, type Sign } from "../drawings/signs";

const SHORT: Partial<Record<Sign, string>> = { FIRM: "firm flush", PLANTED_OUT: "planted" };

interface Props {
  onSign: (sign: Sign) => void;
  disabled?: boolean;
  later?: boolean;
  /** A held graft is answered by setting it apart. */
  held?: boolean;
}

/** One button for each thing that may be seen, with its key. */
export function AnswerKeys({ onSign, disabled, later = true, held }: Props) {
  const usual = later ? [...FIRST_SIGNS, ...LATER_SIGNS] : FIRST_SIGNS;
  const signs: Sign[] = held ? ["APART", ...usual] : usual;
  return (
    <fieldset className="flex flex-wrap gap-1.5 max-sm:grid max-sm:grid-cols-4">
      <legend className="sr-only">What do you see?</legend>
      {signs.map((sign) => (
        <button
          key={sign}
          type="button"
          disabled={disabled}
          onClick={() => onSign(sign)}
          className="flex min-h-9 items-center gap-1.5 rounded border border-edge bg-surface px-1.5 text-[14.5px] hover:border-sea max-sm:min-h-14 max-sm:flex-col max-sm:justify-center max-sm:gap-0.5 max-sm:px-0.5 max-sm:text-[13px] max-sm:leading-tight"
        >
          <span
            aria-hidden="true"
            className="code inline-flex size-5 items-center justify-center rounded-full border border-ink text-[12px] font-bold"
            style={{ background: SIGNS[sign].fill, color: SIGNS[sign].ink }}
          >
            {SIGNS[sign].letter}
          </span>
          {SHORT[sign] ?? SIGNS[sign].words}
        </button>
      ))}
    </fieldset>
  );
}
