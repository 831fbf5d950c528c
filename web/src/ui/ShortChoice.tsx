import { useSelect } from "downshift";
import { ChevronDown } from "lucide-react";
import { BOX } from "./box";
import type { Choice, ChoiceProps } from "./choices";
import { useLaidBelow } from "./useLaidBelow";

/** One of a few: the word chosen stands there; a touch, the arrows or its first letters lay the others below it. */
export function ShortChoice({ choices, value, label, invalid, disabled, className, onChoose }: ChoiceProps) {
  const chosen = choices.find((choice) => choice.value === value);
  const list = useSelect<Choice>({
    items: choices,
    selectedItem: chosen ?? null,
    itemToString: (item) => item?.words ?? "",
    isItemDisabled: (item) => item.disabled,
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem && selectedItem.value !== value) onChoose(selectedItem.value);
    },
  });
  const { laid, ofBox, ofLaid } = useLaidBelow<HTMLUListElement>(list.isOpen);
  return (
    <>
      <button
        type="button"
        {...list.getToggleButtonProps({
          disabled,
          onKeyDown: (e) => {
            if (e.key === "Escape" && list.isOpen) e.preventDefault();
            // While it is shut its letters are those of the station.
            if (!list.isOpen && e.key.length === 1 && e.key !== " ")
              Object.assign(e.nativeEvent, { preventDownshiftDefault: true });
          },
          "aria-label": label,
          "aria-labelledby": undefined,
        })}
        data-chosen={value}
        aria-invalid={invalid || undefined}
        className={`${BOX} ${className} flex items-center justify-between gap-2 text-left disabled:opacity-60`}
        style={ofBox}
      >
        <span className="truncate">{chosen?.words ?? ""}</span>
        <ChevronDown size={15} aria-hidden className="shrink-0 text-soft" />
      </button>
      <ul
        {...list.getMenuProps({
          ref: laid,
          "aria-label": label,
          "aria-labelledby": undefined,
          // It may stand within a label, which would hand the click on to the button.
          onClick: (e) => e.preventDefault(),
        })}
        popover="manual"
        className="by-anchor max-h-80 w-max max-w-[90vw] overflow-auto rounded-sm border border-edge bg-surface p-1 text-ink shadow-xl"
        style={{ ...ofLaid, minWidth: "anchor-size(width)" }}
      >
        {list.isOpen &&
          choices.map((item, index) => (
            <li
              key={item.value}
              {...list.getItemProps({ item, index })}
              data-value={item.value}
              className={`flex min-h-9 cursor-pointer items-center gap-3 border-l-3 px-2 text-[15px] max-sm:min-h-11 ${list.highlightedIndex === index ? "border-sea bg-ground" : "border-transparent"} ${item.value === value ? "font-semibold" : ""} ${item.disabled ? "opacity-50" : ""}`}
            >
              {item.words}
              {item.group && <span className="ml-auto text-[13.5px] text-soft">{item.group}</span>}
            </li>
          ))}
      </ul>
    </>
  );
}
