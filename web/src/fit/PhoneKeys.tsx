import { Button } from "../ui/parts";
import type { FitKeys } from "./useFitKeys";

/** The keys a thumb needs. */
export function PhoneKeys({ keys }: { keys: FitKeys }) {
  const press = (key: string) => keys[key]?.(new window.KeyboardEvent("keydown", { key }));
  return (
    <span className="grid w-full grid-cols-5 gap-1.5">
      {(
        [
          ["ArrowLeft", "left"],
          ["ArrowRight", "right"],
          ["j", "tilt ↙"],
          ["k", "tilt ↘"],
          ["b", "best"],
        ] as const
      ).map(([key, words]) => (
        <Button key={key} className="min-h-11 px-1" onClick={() => press(key)}>
          {words}
        </Button>
      ))}
    </span>
  );
}
