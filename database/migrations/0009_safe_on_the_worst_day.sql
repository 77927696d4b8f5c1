CREATE TABLE "done_acts" (
	"user_id" uuid NOT NULL,
	"what" text NOT NULL,
	"key" uuid NOT NULL,
	"answer" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "done_acts_user_id_what_key_pk" PRIMARY KEY("user_id","what","key")
);
--> statement-breakpoint
CREATE TABLE "password_links" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"user_id" uuid NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "fittings" ADD COLUMN "author_name" text;--> statement-breakpoint
ALTER TABLE "garment_versions" ADD COLUMN "author_name" text;--> statement-breakpoint
ALTER TABLE "done_acts" ADD CONSTRAINT "done_acts_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "password_links" ADD CONSTRAINT "password_links_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "done_acts_by_age" ON "done_acts" USING btree ("created_at");--> statement-breakpoint
CREATE INDEX "password_links_of_user" ON "password_links" USING btree ("user_id");