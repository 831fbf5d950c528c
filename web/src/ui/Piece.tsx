import type { ReactNode } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { TryAgain } from "./parts";

/** A part of a page that can fail by itself: it says so and can be tried again, and the rest stands. */
export function Piece({ what, children }: { what: string; children: ReactNode }) {
  return (
    <ErrorBoundary
      fallbackRender={({ resetErrorBoundary }) => (
        <TryAgain onAgain={resetErrorBoundary}>{what} cannot be shown now. The rest stands.</TryAgain>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
