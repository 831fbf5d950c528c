import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

// Escape in a list that is open closes the list, not what it stands in.
const leavesAList = (event: KeyboardEvent) => {
  if (document.activeElement?.getAttribute("aria-expanded") === "true") event.preventDefault();
};

/** Something laid over the work table in the middle. */
export function Overlay(props: {
  open: boolean;
  onClose: () => void;
  title: string;
  description?: string;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={props.open} onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <Dialog.Content
          onEscapeKeyDown={leavesAList}
          className="fixed top-[10vh] left-1/2 z-50 max-h-[80vh] w-[min(620px,94vw)] -translate-x-1/2 overflow-auto rounded-md border border-line bg-surface p-5 shadow-xl"
        >
          <Dialog.Title className="big text-xl">{props.title}</Dialog.Title>
          <Dialog.Description className={props.description ? "mb-3 text-soft" : "sr-only"}>
            {props.description ?? props.title}
          </Dialog.Description>
          {props.children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
