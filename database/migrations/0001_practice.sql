CREATE TABLE "practice_attempts" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"garment_id" uuid NOT NULL,
	"figure" text NOT NULL,
	"label" text NOT NULL,
	"value_mm" double precision NOT NULL,
	"answer_mm" double precision NOT NULL,
	"grade" text NOT NULL,
	"slip" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "practice_attempts" ADD CONSTRAINT "practice_attempts_garment_id_garments_id_fk" FOREIGN KEY ("garment_id") REFERENCES "public"."garments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "practice_attempts_by_garment" ON "practice_attempts" USING btree ("garment_id","created_at");