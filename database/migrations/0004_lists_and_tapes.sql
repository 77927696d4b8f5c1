CREATE TABLE "practice_readings" (
	"tape_id" uuid NOT NULL,
	"number" integer NOT NULL,
	"mm" double precision NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "practice_readings_tape_id_number_pk" PRIMARY KEY("tape_id","number")
);
--> statement-breakpoint
DROP INDEX "garments_by_studio";--> statement-breakpoint
CREATE INDEX "practice_readings_by_age" ON "practice_readings" USING btree ("created_at");--> statement-breakpoint
CREATE INDEX "clients_put_away" ON "clients" USING btree ("studio_id","id") WHERE archived_at is not null or deleted_at is not null;--> statement-breakpoint
CREATE INDEX "garments_in_hand" ON "garments" USING btree ("studio_id","changed_at") WHERE archived_at is null and deleted_at is null;