import { useSelect } from "downshift";
import { ChevronDown } from "lucide-react";
import { BOX, WORD } from "./box";
import { ChoiceMenu } from "./ChoiceMenu";
import type { Choice, ChoiceProps } from "./choices";
import { useLaidBelow } from "./useLaidBelow";

/** One of a few: the word chosen stands there; a touch, the arrows or its first letters lay the others below it. */
export function ShortChoice(props: ChoiceProps) {
  const { choices, value, label, invalid, disabled, word, className, onChoose } = props;
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
        className={
          word
            ? `${WORD} ${className}`
            : `${BOX} ${className} flex items-center justify-between gap-2 text-left disabled:opacity-60`
        }
        style={ofBox}
      >
        <span className={word ? "" : "truncate"}>{chosen?.short ?? chosen?.words ?? ""}</span>
        {!word && <ChevronDown size={15} aria-hidden className="shrink-0 text-soft" />}
      </button>
      <ChoiceMenu
        label={label}
        items={choices}
        chosen={value}
        highlighted={list.highlightedIndex}
        menu={list.getMenuProps}
        item={list.getItemProps}
        laid={laid}
        style={ofLaid}
        open={list.isOpen}
      />
    </>
  );
}
