import type { ReactNode } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { useLocation } from "react-router";
import { TryAgain } from "./parts";

/**
 * A part of a page that can fail by itself: it says so and can be tried again, and the rest stands. At another address it is
 * tried again by itself.
 */
export function Piece({ what, whole, children }: { what: string; whole?: true; children: ReactNode }) {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary
      resetKeys={[pathname]}
      fallbackRender={({ resetErrorBoundary }) => (
        <TryAgain onAgain={resetErrorBoundary}>
          {what} cannot be shown now.{!whole && " The rest stands."}
        </TryAgain>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
