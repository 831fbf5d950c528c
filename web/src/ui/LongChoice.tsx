import { useCombobox } from "downshift";
import { useRef, useState } from "react";
import { BOX } from "./box";
import { type Choice, type ChoiceProps, found } from "./choices";
import { useLaidBelow } from "./useLaidBelow";

/** One of very many, found by typing any part of what it is called. */
export function LongChoice({ choices, value, label, invalid, disabled, className, onChoose }: ChoiceProps) {
  const chosen = choices.find((choice) => choice.value === value);
  const shown = chosen?.words ?? "";
  const [typed, setTyped] = useState<string>();
  const items = typed === undefined ? choices : found(choices, typed);
  // Kept beside the state: quick keys come before anything is drawn.
  const text = useRef<string>(undefined);
  const write = (now?: string) => {
    text.current = now;
    setTyped(now);
  };
  const take = (item: Choice) => {
    write(undefined);
    if (item.value !== value) onChoose(item.value);
  };
  const leave = () => {
    if (!text.current) return write(undefined);
    const first = found(choices, text.current).find((choice) => !choice.disabled);
    // What is called like nothing stands there until it is mended, and stands for none of them.
    if (first) take(first);
    else onChoose("");
  };
  const box = useCombobox<Choice>({
    items,
    inputValue: typed ?? shown,
    selectedItem: chosen ?? null,
    itemToString: (item) => item?.words ?? "",
    isItemDisabled: (item) => item.disabled,
    stateReducer: (_, { type, changes }) => {
      if (type === useCombobox.stateChangeTypes.InputChange) return { ...changes, highlightedIndex: 0 };
      // Leaving is ours, see below.
      return type === useCombobox.stateChangeTypes.InputBlur
        ? { ...changes, selectedItem: chosen ?? null }
        : changes;
    },
    onStateChange: ({ type, selectedItem }) => {
      if (type === useCombobox.stateChangeTypes.InputKeyDownEscape) write(undefined);
      else if (selectedItem && type !== useCombobox.stateChangeTypes.InputBlur) take(selectedItem);
    },
  });
  const unknown = typed !== undefined && typed !== "" && items.length === 0;
  const { laid, ofBox, ofLaid } = useLaidBelow<HTMLUListElement>(box.isOpen);
  return (
    <>
      <input
        {...box.getInputProps({
          disabled,
          onFocus: (e) => e.currentTarget.select(),
          onChange: (e) => write(e.currentTarget.value),
          onBlur: leave,
          onKeyDown: (e) => {
            if (e.key === "Escape" && box.isOpen) e.preventDefault();
            if (e.key !== "Enter" || !text.current) return;
            e.preventDefault();
            Object.assign(e.nativeEvent, { preventDownshiftDefault: true });
            const fits = found(choices, text.current);
            const item = fits[Math.max(0, box.highlightedIndex)];
            if (item && !item.disabled) take(item);
            box.closeMenu();
          },
          "aria-label": label,
          "aria-labelledby": undefined,
        })}
        aria-invalid={invalid || unknown || undefined}
        placeholder="type any part of it"
        className={`${BOX} ${className}`}
        style={ofBox}
      />
      <ul
        {...box.getMenuProps({
          ref: laid,
          "aria-label": label,
          "aria-labelledby": undefined,
          // It may stand within a label, which would hand the click on to the box.
          onClick: (e) => e.preventDefault(),
        })}
        popover="manual"
        className="by-anchor max-h-72 w-max min-w-56 max-w-[90vw] overflow-auto rounded-sm border border-edge bg-surface p-1 text-ink shadow-xl"
        style={ofLaid}
      >
        {box.isOpen &&
          items.map((item, index) => (
            <li
              key={item.value}
              {...box.getItemProps({ item, index })}
              className={`flex min-h-9 cursor-pointer items-center gap-3 px-2 text-[15px] max-sm:min-h-11 ${box.highlightedIndex === index ? "bg-ground shadow-[inset_3px_0_0_var(--sea)]" : ""} ${item.disabled ? "opacity-50" : ""}`}
            >
              {item.words}
              {item.group && <span className="ml-auto text-[13.5px] text-soft">{item.group}</span>}
            </li>
          ))}
      </ul>
      {unknown && (
        <span role="alert" className="mt-0.5 block font-semibold text-[13.5px] text-alarm">
          Nothing here is called “{typed}”
        </span>
      )}
    </>
  );
}
