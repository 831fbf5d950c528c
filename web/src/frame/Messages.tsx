import { dismiss, useMessages } from "../ui/messages";

/** What was just done, with the way to take it back; above the bar of the phone, at the foot of the table else. */
export function Messages() {
  const messages = useMessages();
  return (
    <section
      aria-label="What was just done"
      aria-live="polite"
      className="pointer-events-none fixed inset-x-0 bottom-5 z-50 flex flex-col items-center gap-1.5 px-3 max-sm:bottom-16 print:hidden"
    >
      {messages.map((message) => (
        <p
          key={message.id}
          className={`pointer-events-auto flex max-w-[640px] items-center gap-4 rounded-sm border-l-4 bg-ink px-4 py-2.5 text-[15px] text-ground shadow-lg ${message.trouble ? "border-alarm" : "border-leaf"}`}
        >
          <span>{message.words}</span>
          {message.action && (
            <button
              type="button"
              className="min-h-6 shrink-0 font-semibold underline underline-offset-4 max-sm:min-h-11"
              onClick={() => {
                message.action?.run();
                dismiss(message.id);
              }}
            >
              {message.action.words}
            </button>
          )}
        </p>
      ))}
    </section>
  );
}
