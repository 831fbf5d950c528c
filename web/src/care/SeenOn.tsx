import { DayBox } from "../ui/DayBox";

/** The day a look was seen on; today where it stays empty. */
export const SeenOn = ({ value, onChange }: { value: string; onChange: (day: string) => void }) => (
  <DayBox
    past
    aria-label="Seen on, today if empty"
    placeholder="seen today"
    value={value}
    onChange={onChange}
  />
);
