import { type TakeGroup, TakeStrip, takeWords, Waiting } from "../drawings/TakeStrip";

interface Props {
  group: TakeGroup;
  /** 1 for a group of its own, more for what stands under one. */
  depth: number;
  open: boolean;
  onOpen: () => void;
}

const INDENT = ["", "pl-2 font-semibold", "pl-5", "pl-8 text-soft"];

/** A group of grafts as a line: what it is, its range drawn and in words, those that wait. */
export function TakeLine({ group, depth, open, onOpen }: Props) {
  return (
    <li className={depth === 1 ? "border-ink border-t-2" : "border-line border-t"}>
      <button
        type="button"
        aria-expanded={open}
        onClick={onOpen}
        className={`grid w-full grid-cols-[170px_224px_1fr_auto] items-center gap-3 py-1 text-left hover:bg-surface max-sm:grid-cols-[1fr_auto] max-sm:gap-y-0.5 ${open ? "bg-surface shadow-[inset_3px_0_0_var(--sea)]" : ""}`}
      >
        <span className={`truncate ${INDENT[depth]}`}>{group.label}</span>
        <span className="max-sm:order-3 max-sm:col-span-2">
          <TakeStrip group={group} width={220} />
        </span>
        <span className="whitespace-nowrap text-[14.5px]">
          {takeWords(group)}
          {group.thin && !group.allWaiting && <span className="text-soft"> · thin</span>}
        </span>
        <Waiting count={group.count.waiting} />
      </button>
    </li>
  );
}
