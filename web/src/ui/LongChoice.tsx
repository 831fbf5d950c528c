import { useCombobox } from "downshift";
import { useEffect, useRef, useState } from "react";
import { BOX, WORD } from "./box";
import { ChoiceMenu } from "./ChoiceMenu";
import { type Choice, type ChoiceProps, found } from "./choices";
import { useLaidBelow } from "./useLaidBelow";

/** One of very many, found by typing any part of what it is called. */
export function LongChoice(props: ChoiceProps) {
  const { choices, value, label, invalid, disabled, word, className, onChoose } = props;
  const chosen = choices.find((choice) => choice.value === value);
  const shown = chosen?.short ?? chosen?.words ?? "";
  const [typed, setTyped] = useState<string>();
  const items = typed === undefined ? choices : found(choices, typed);
  // Kept beside the state: quick keys come before anything is drawn.
  const text = useRef<string>(undefined);
  const write = (now?: string) => {
    text.current = now;
    setTyped(now);
  };
  // What was said before the choices had come is taken when they do.
  const said = useRef<string>(undefined);
  const take = (item: Choice) => {
    said.current = undefined;
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
  useEffect(() => {
    if (said.current === undefined || said.current !== text.current) return;
    const item = found(choices, said.current).find((choice) => !choice.disabled);
    if (item) take(item);
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
            else said.current = text.current;
            box.closeMenu();
            // The letters are the sentence's again.
            if (word && item) e.currentTarget.blur();
          },
          "aria-label": label,
          "aria-labelledby": undefined,
        })}
        aria-invalid={invalid || unknown || undefined}
        placeholder="type any part of it"
        className={word ? `${WORD} field-sizing-content min-w-20 ${className}` : `${BOX} ${className}`}
        style={ofBox}
      />
      <ChoiceMenu
        label={label}
        items={items}
        chosen={value}
        highlighted={box.highlightedIndex}
        menu={box.getMenuProps}
        item={box.getItemProps}
        laid={laid}
        style={ofLaid}
        open={box.isOpen}
      />
      {unknown && (
        <span role="alert" className="mt-0.5 block font-semibold text-[13.5px] text-alarm">
          Nothing here is called “{typed}”
        </span>
      )}
    </>
  );
}
