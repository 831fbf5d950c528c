import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { Toaster } from "sonner";
import { queryClient } from "./api/cache";
import { Frame } from "./frame/Frame";
import "./theme.css";
import { showTheme } from "./units";

showTheme();
const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queryClient}>
        <BrowserRouter>
          <Frame />
        </BrowserRouter>
        <Toaster
          position="bottom-center"
          closeButton={false}
          toastOptions={{
            style: { background: "var(--ink)", color: "var(--ground)", border: "none", fontSize: 15 },
            actionButtonStyle: { background: "var(--ground)", color: "var(--ink)", fontWeight: 600 },
          }}
        />
      </QueryClientProvider>
    </StrictMode>,
  );
}
