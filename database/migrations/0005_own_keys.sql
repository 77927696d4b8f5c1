ALTER TABLE "clients" ADD CONSTRAINT "clients_of_studio" UNIQUE("studio_id","id");
--> statement-breakpoint
UPDATE "garment_versions" AS "late" SET "based_on" = NULL WHERE "based_on" IS NOT NULL AND NOT EXISTS (SELECT 1 FROM "garment_versions" AS "base" WHERE "base"."garment_id" = "late"."garment_id" AND "base"."number" = "late"."based_on");
--> statement-breakpoint
ALTER TABLE "garments" DROP CONSTRAINT "garments_client_id_clients_id_fk";
--> statement-breakpoint
ALTER TABLE "garment_versions" ADD CONSTRAINT "garment_versions_based_on" FOREIGN KEY ("garment_id","based_on") REFERENCES "public"."garment_versions"("garment_id","number") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "garments" ADD CONSTRAINT "garments_client_of_studio" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "garment_versions" ADD CONSTRAINT "garment_versions_number" CHECK ("garment_versions"."number" > 0);
--> statement-breakpoint
ALTER TABLE "practice_attempts" ADD CONSTRAINT "practice_attempts_grade" CHECK ("practice_attempts"."grade" in ('right', 'near', 'wrong'));
