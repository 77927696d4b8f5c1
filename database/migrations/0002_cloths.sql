CREATE TABLE "cloth_figures" (
	"studio_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"takes" jsonb NOT NULL,
	CONSTRAINT "cloth_figures_studio_id_kind_pk" PRIMARY KEY("studio_id","kind")
);
--> statement-breakpoint
ALTER TABLE "cloth_figures" ADD CONSTRAINT "cloth_figures_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE cascade ON UPDATE no action;