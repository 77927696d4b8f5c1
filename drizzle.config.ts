import { defineConfig } from "drizzle-kit";

export default defineConfig({
  dialect: "postgresql",
  schema: "./database/schema",
  out: "./database/migrations",
  casing: "snake_case",
});
