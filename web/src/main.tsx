import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { queryClient } from "./api/cache";
import { Frame } from "./frame/Frame";
import { Messages } from "./frame/Messages";
import "./theme.css";
import { Piece } from "./ui/Piece";
import { showTheme } from "./units";

showTheme();
const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queryClient}>
        <BrowserRouter>
          <Piece what="Bay Lantern" whole>
            <Frame />
          </Piece>
        </BrowserRouter>
        <Messages />
      </QueryClientProvider>
    </StrictMode>,
  );
}
