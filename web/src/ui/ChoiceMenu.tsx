import type { ComponentProps, CSSProperties, Ref } from "react";
import type { Choice } from "./choices";

interface Props {
  label: string;
  items: Choice[];
  chosen: string;
  highlighted: number;
  menu: (options: object) => ComponentProps<"ul">;
  item: (options: { item: Choice; index: number }) => ComponentProps<"li">;
  laid: Ref<HTMLUListElement>;
  style: CSSProperties;
  open: boolean;
}

/** What a choice offers, laid below its box. */
export function ChoiceMenu({ label, items, chosen, highlighted, menu, item, laid, style, open }: Props) {
  return (
    <ul
      {...menu({
        ref: laid,
        "aria-label": label,
        "aria-labelledby": undefined,
        // It may stand within a label, which would hand the click on to the box.
        onClick: (e: { preventDefault: () => void }) => e.preventDefault(),
      })}
      popover="manual"
      className="by-anchor max-h-80 w-max max-w-[90vw] overflow-auto rounded-sm border border-edge bg-surface p-1 text-ink shadow-xl"
      style={{ ...style, minWidth: "anchor-size(width)" }}
    >
      {open &&
        items.map((one, index) => (
          <li
            key={one.value}
            {...item({ item: one, index })}
            data-value={one.value}
            className={`flex min-h-9 cursor-pointer items-center gap-3 border-l-3 px-2 text-[15px] max-sm:min-h-11 ${highlighted === index ? "border-sea bg-ground" : "border-transparent"} ${one.value === chosen ? "font-semibold" : ""} ${one.disabled ? "opacity-50" : ""}`}
          >
            {one.words}
            {one.group && <span className="ml-auto text-[13.5px] text-soft">{one.group}</span>}
          </li>
        ))}
    </ul>
  );
}
