import type { ReactNode } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { TryAgain } from "./parts";

/**
 * A part of a page that can fail by itself: it says so and can be tried again, and the rest stands. At another address it is
 * tried again by itself.
 */
export function Piece({ what, at, children }: { what: string; at?: string; children: ReactNode }) {
  return (
    <ErrorBoundary
      resetKeys={[at]}
      fallbackRender={({ resetErrorBoundary }) => (
        <TryAgain onAgain={resetErrorBoundary}>{what} cannot be shown now. The rest stands.</TryAgain>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
