interface Props<T extends string> {
  label: string;
  options: readonly (readonly [T, string])[];
  /** Nothing is chosen beforehand where a wrong choice would be believed. */
  chosen?: T;
  onChoose: (option: T) => void;
}

/** A short choice whose words all stand there: one tap, or the arrow keys. */
export function Choice<T extends string>({ label, options, chosen, onChoose }: Props<T>) {
  return (
    <fieldset>
      <legend className="mb-0.5 text-[15px] text-soft">{label}</legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map(([option, words]) => (
          <label
            key={option}
            className="flex min-h-9 cursor-pointer items-center rounded border border-edge px-2.5 text-[15px] hover:border-sea has-checked:border-sea has-checked:bg-sea has-checked:text-onsea has-focus-visible:outline-3 has-focus-visible:outline-[var(--lamp)] max-sm:min-h-11"
          >
            <input
              type="radio"
              className="sr-only"
              name={label}
              checked={chosen === option}
              onChange={() => onChoose(option)}
            />
            {words}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
