import { StrictMode, startTransition } from "react";
import { hydrateRoot } from "react-dom/client";
import { HydratedRouter } from "react-router/dom";
import { NonceContext } from "./components/nonce";

// A browser hides the word from everything that reads the page but its own scripts.
const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce;

startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <NonceContext value={nonce}>
        <HydratedRouter />
      </NonceContext>
    </StrictMode>,
  );
});
