CREATE EXTENSION IF NOT EXISTS pg_trgm;--> statement-breakpoint
DROP INDEX "garments_by_client";--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "archived_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "deleted_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "summary" jsonb;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "archived_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "deleted_at" timestamp with time zone;--> statement-breakpoint
CREATE INDEX "clients_by_words" ON "clients" USING gin ("name" gin_trgm_ops);--> statement-breakpoint
CREATE INDEX "garments_by_words" ON "garments" USING gin ("name" gin_trgm_ops);--> statement-breakpoint
CREATE INDEX "garments_by_client" ON "garments" USING btree ("client_id","changed_at");