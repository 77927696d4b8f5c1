CREATE TABLE "fittings" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"garment_id" uuid NOT NULL,
	"taken_on" date NOT NULL,
	"version" integer NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"seen" jsonb NOT NULL,
	"changes" jsonb NOT NULL,
	"applied_as" integer,
	"author_id" uuid,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "photographs" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"fitting_id" uuid NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"jpeg" "bytea" NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "shared_links" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"garment_id" uuid NOT NULL,
	"shows" text NOT NULL,
	"token_hash" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"revoked_at" timestamp with time zone,
	"author_id" uuid,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "shared_links_tokenHash_unique" UNIQUE("token_hash"),
	CONSTRAINT "shared_links_shows" CHECK ("shared_links"."shows" in ('card', 'pattern'))
);
--> statement-breakpoint
CREATE TABLE "accounts" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"account_id" text NOT NULL,
	"provider_id" text NOT NULL,
	"user_id" uuid NOT NULL,
	"access_token" text,
	"refresh_token" text,
	"id_token" text,
	"access_token_expires_at" timestamp with time zone,
	"refresh_token_expires_at" timestamp with time zone,
	"scope" text,
	"password" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "invitations" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"organization_id" uuid NOT NULL,
	"email" text NOT NULL,
	"role" text,
	"status" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"inviter_id" uuid NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "members" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"organization_id" uuid NOT NULL,
	"user_id" uuid NOT NULL,
	"role" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "members_once" UNIQUE("organization_id","user_id"),
	CONSTRAINT "members_role" CHECK ("members"."role" in ('owner', 'maker', 'reader'))
);
--> statement-breakpoint
CREATE TABLE "rate_limits" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"key" text NOT NULL,
	"count" integer NOT NULL,
	"last_request" bigint NOT NULL,
	CONSTRAINT "rate_limits_key_unique" UNIQUE("key")
);
--> statement-breakpoint
CREATE TABLE "sessions" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"user_id" uuid NOT NULL,
	"token" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"ip_address" text,
	"user_agent" text,
	"active_organization_id" uuid,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "sessions_token_unique" UNIQUE("token")
);
--> statement-breakpoint
CREATE TABLE "users" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"email_verified" boolean DEFAULT false NOT NULL,
	"image" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "users_email_unique" UNIQUE("email")
);
--> statement-breakpoint
CREATE TABLE "verifications" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"identifier" text NOT NULL,
	"value" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "own_cloths" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"takes" jsonb NOT NULL,
	"width" double precision,
	"retired_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "own_cloths_by_name" UNIQUE("studio_id","name")
);
--> statement-breakpoint
ALTER TABLE "garment_versions" ADD COLUMN "author_id" uuid;--> statement-breakpoint
ALTER TABLE "garment_versions" ADD COLUMN "note" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "stage" text DEFAULT 'drafted' NOT NULL;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "due_on" date;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "fitting_on" date;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "made" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "words" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "garments" ADD COLUMN "search" "tsvector" GENERATED ALWAYS AS (to_tsvector('simple', words)) STORED;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "slug" text DEFAULT gen_random_uuid()::text NOT NULL;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "logo" text;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "metadata" text;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "settings" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "fittings" ADD CONSTRAINT "fittings_garment_id_garments_id_fk" FOREIGN KEY ("garment_id") REFERENCES "public"."garments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "fittings" ADD CONSTRAINT "fittings_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "fittings" ADD CONSTRAINT "fittings_of_version" FOREIGN KEY ("garment_id","version") REFERENCES "public"."garment_versions"("garment_id","number") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photographs" ADD CONSTRAINT "photographs_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photographs" ADD CONSTRAINT "photographs_fitting_id_fittings_id_fk" FOREIGN KEY ("fitting_id") REFERENCES "public"."fittings"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_links" ADD CONSTRAINT "shared_links_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_links" ADD CONSTRAINT "shared_links_garment_id_garments_id_fk" FOREIGN KEY ("garment_id") REFERENCES "public"."garments"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shared_links" ADD CONSTRAINT "shared_links_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "accounts" ADD CONSTRAINT "accounts_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "invitations" ADD CONSTRAINT "invitations_organization_id_studios_id_fk" FOREIGN KEY ("organization_id") REFERENCES "public"."studios"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "invitations" ADD CONSTRAINT "invitations_inviter_id_users_id_fk" FOREIGN KEY ("inviter_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "members" ADD CONSTRAINT "members_organization_id_studios_id_fk" FOREIGN KEY ("organization_id") REFERENCES "public"."studios"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "members" ADD CONSTRAINT "members_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_active_organization_id_studios_id_fk" FOREIGN KEY ("active_organization_id") REFERENCES "public"."studios"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "own_cloths" ADD CONSTRAINT "own_cloths_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "fittings_by_garment" ON "fittings" USING btree ("garment_id","taken_on");--> statement-breakpoint
CREATE INDEX "photographs_of_fitting" ON "photographs" USING btree ("fitting_id","created_at");--> statement-breakpoint
CREATE INDEX "photographs_of_studio" ON "photographs" USING btree ("studio_id");--> statement-breakpoint
CREATE INDEX "shared_links_of_garment" ON "shared_links" USING btree ("garment_id","created_at");--> statement-breakpoint
CREATE INDEX "shared_links_of_studio" ON "shared_links" USING btree ("studio_id");--> statement-breakpoint
CREATE INDEX "accounts_of_user" ON "accounts" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "invitations_of_studio" ON "invitations" USING btree ("organization_id","status");--> statement-breakpoint
CREATE INDEX "members_by_user" ON "members" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "sessions_of_user" ON "sessions" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "verifications_by_identifier" ON "verifications" USING btree ("identifier");--> statement-breakpoint
ALTER TABLE "garment_versions" ADD CONSTRAINT "garment_versions_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "garments_by_text" ON "garments" USING gin ("search");--> statement-breakpoint
CREATE INDEX "garments_by_stage" ON "garments" USING btree ("studio_id","stage","changed_at");--> statement-breakpoint
CREATE INDEX "garments_due" ON "garments" USING btree ("studio_id","due_on") WHERE due_on is not null;--> statement-breakpoint
CREATE INDEX "garments_to_fit" ON "garments" USING btree ("studio_id","fitting_on") WHERE fitting_on is not null;--> statement-breakpoint
ALTER TABLE "studios" ADD CONSTRAINT "studios_slug_unique" UNIQUE("slug");--> statement-breakpoint
ALTER TABLE "garments" ADD CONSTRAINT "garments_stage" CHECK ("garments"."stage" in ('measured', 'drafted', 'cut', 'sewn', 'fitted', 'done'));--> statement-breakpoint
UPDATE "garments" SET "summary" = NULL;
