--
-- PostgreSQL database dump
--


-- Dumped from database version 15.18 (Debian 15.18-0+deb12u1)
-- Dumped by pg_dump version 15.18 (Debian 15.18-0+deb12u1)

SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

--
-- Name: btree_gist; Type: EXTENSION; Schema: -; Owner: -
--

CREATE EXTENSION IF NOT EXISTS btree_gist WITH SCHEMA public;


--
-- Name: EXTENSION btree_gist; Type: COMMENT; Schema: -; Owner: -
--

COMMENT ON EXTENSION btree_gist IS 'support for indexing common datatypes in GiST';


SET default_tablespace = '';

SET default_table_access_method = heap;

--
-- Name: audit; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.audit (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    at timestamp with time zone NOT NULL,
    person_id uuid,
    person_name text NOT NULL,
    action text NOT NULL,
    what text NOT NULL,
    details text DEFAULT ''::text NOT NULL,
    subject_id uuid,
    CONSTRAINT audit_action_check CHECK ((action = ANY (ARRAY['ADDED'::text, 'CHANGED'::text, 'REMOVED'::text, 'DID'::text])))
);


--
-- Name: batch; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.batch (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    device_id uuid NOT NULL,
    device_clock timestamp with time zone NOT NULL,
    received_at timestamp with time zone NOT NULL,
    offset_ms bigint NOT NULL
);


--
-- Name: booking; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.booking (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    space_id uuid NOT NULL,
    source text NOT NULL,
    title text NOT NULL,
    starts timestamp with time zone NOT NULL,
    ends timestamp with time zone NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT booking_check CHECK ((ends > starts)),
    CONSTRAINT booking_source_check CHECK (((length(source) >= 1) AND (length(source) <= 120)))
);


--
-- Name: calendar_feed; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.calendar_feed (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    person_id uuid NOT NULL,
    secret_sha256 text NOT NULL,
    made_at timestamp with time zone NOT NULL,
    CONSTRAINT calendar_feed_secret_sha256_check CHECK ((length(secret_sha256) = 64))
);


--
-- Name: child; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.child (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    given text NOT NULL,
    family text NOT NULL,
    year_age integer NOT NULL,
    source_id text,
    erased_at timestamp with time zone,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT child_family_check CHECK ((length(family) <= 60)),
    CONSTRAINT child_given_check CHECK (((length(given) >= 1) AND (length(given) <= 60))),
    CONSTRAINT child_year_age_check CHECK (((year_age >= 3) AND (year_age <= 14)))
);


--
-- Name: child_cue; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.child_cue (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    child_id uuid NOT NULL,
    cue_key text NOT NULL,
    state text NOT NULL,
    from_day date NOT NULL,
    to_day date,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT child_cue_state_check CHECK ((state = ANY (ARRAY['NOT_APPLYING'::text, 'ADAPTED'::text])))
);


--
-- Name: child_pair; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.child_pair (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    child_a uuid NOT NULL,
    child_b uuid NOT NULL,
    wish text NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT child_pair_check CHECK ((child_a < child_b)),
    CONSTRAINT child_pair_wish_check CHECK ((wish = ANY (ARRAY['TOGETHER'::text, 'APART'::text])))
);


--
-- Name: child_side; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.child_side (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    child_id uuid NOT NULL,
    action text NOT NULL,
    side text NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT child_side_action_check CHECK ((action = ANY (ARRAY['THROW'::text, 'BAT'::text, 'KICK'::text]))),
    CONSTRAINT child_side_side_check CHECK ((side = ANY (ARRAY['LEFT'::text, 'RIGHT'::text])))
);


--
-- Name: class_person; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.class_person (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    class_id uuid NOT NULL,
    person_id uuid NOT NULL
);


--
-- Name: closure; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.closure (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    name text NOT NULL,
    first_day date NOT NULL,
    last_day date NOT NULL,
    from_time time without time zone,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT closure_check CHECK ((last_day >= first_day)),
    CONSTRAINT closure_name_check CHECK (((length(name) >= 1) AND (length(name) <= 60)))
);


--
-- Name: cue_taught; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.cue_taught (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    class_id uuid NOT NULL,
    cue_key text NOT NULL,
    lesson_id uuid,
    at timestamp with time zone NOT NULL
);


--
-- Name: cupboard_item; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.cupboard_item (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    item_key text NOT NULL,
    count integer NOT NULL,
    properties jsonb,
    version integer DEFAULT 0 NOT NULL,
    broken integer DEFAULT 0 NOT NULL,
    storage text DEFAULT ''::text NOT NULL,
    counted_at timestamp with time zone,
    CONSTRAINT cupboard_item_broken_check CHECK (((broken >= 0) AND (broken <= 10000))),
    CONSTRAINT cupboard_item_count_check CHECK (((count >= 0) AND (count <= 10000))),
    CONSTRAINT cupboard_item_storage_check CHECK ((length(storage) <= 60))
);


--
-- Name: device; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.device (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    person_id uuid NOT NULL,
    first_seen timestamp with time zone DEFAULT now() NOT NULL
);


--
-- Name: enrolment; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.enrolment (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    class_id uuid NOT NULL,
    child_id uuid NOT NULL,
    from_day date NOT NULL,
    to_day date,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT enrolment_check CHECK ((to_day >= from_day))
);


--
-- Name: flyway_schema_history; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.flyway_schema_history (
    installed_rank integer NOT NULL,
    version character varying(50),
    description character varying(200) NOT NULL,
    type character varying(20) NOT NULL,
    script character varying(1000) NOT NULL,
    checksum integer,
    installed_by character varying(100) NOT NULL,
    installed_on timestamp without time zone DEFAULT now() NOT NULL,
    execution_time integer NOT NULL,
    success boolean NOT NULL
);


--
-- Name: lesson; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.lesson (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    unit_id uuid NOT NULL,
    "position" integer NOT NULL,
    on_date date NOT NULL,
    minutes integer NOT NULL,
    space_id uuid NOT NULL,
    state text NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    starts time without time zone,
    CONSTRAINT lesson_minutes_check CHECK (((minutes >= 10) AND (minutes <= 120))),
    CONSTRAINT lesson_position_check CHECK (("position" >= 0)),
    CONSTRAINT lesson_state_check CHECK ((state = ANY (ARRAY['PLANNED'::text, 'TAUGHT'::text, 'LOST'::text])))
);


--
-- Name: lesson_change; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.lesson_change (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    lesson_id uuid NOT NULL,
    kind text NOT NULL,
    why text NOT NULL,
    body jsonb NOT NULL,
    body_schema integer NOT NULL,
    by_person uuid NOT NULL,
    at timestamp with time zone NOT NULL,
    undone_at timestamp with time zone,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT lesson_change_kind_check CHECK ((kind = ANY (ARRAY['LOST'::text, 'MOVED'::text, 'SWAPPED'::text, 'SHORTENED'::text, 'INDOORS'::text]))),
    CONSTRAINT lesson_change_why_check CHECK ((length(why) <= 120))
);


--
-- Name: mastery_rule; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.mastery_rule (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    cue_set text,
    body jsonb NOT NULL,
    valid_from date NOT NULL,
    version integer DEFAULT 0 NOT NULL
);


--
-- Name: membership; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.membership (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    person_id uuid NOT NULL,
    role text NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    ended_at timestamp with time zone,
    CONSTRAINT membership_role_check CHECK ((role = ANY (ARRAY['LEAD'::text, 'TEACHER'::text, 'ASSISTANT'::text, 'VIEWER'::text])))
);


--
-- Name: one_time_link; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.one_time_link (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    secret_sha256 text NOT NULL,
    purpose text NOT NULL,
    name text NOT NULL,
    role text,
    classes uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    person_id uuid,
    made_by uuid NOT NULL,
    made_at timestamp with time zone NOT NULL,
    expires_at timestamp with time zone NOT NULL,
    used_at timestamp with time zone,
    CONSTRAINT one_time_link_check CHECK (((purpose = 'INVITE'::text) = (role IS NOT NULL))),
    CONSTRAINT one_time_link_check1 CHECK (((purpose = 'RESET'::text) = (person_id IS NOT NULL))),
    CONSTRAINT one_time_link_name_check CHECK (((length(name) >= 1) AND (length(name) <= 120))),
    CONSTRAINT one_time_link_purpose_check CHECK ((purpose = ANY (ARRAY['INVITE'::text, 'RESET'::text]))),
    CONSTRAINT one_time_link_role_check CHECK ((role = ANY (ARRAY['LEAD'::text, 'TEACHER'::text, 'ASSISTANT'::text, 'VIEWER'::text]))),
    CONSTRAINT one_time_link_secret_sha256_check CHECK ((length(secret_sha256) = 64))
);


--
-- Name: pack_version; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.pack_version (
    sha256 text NOT NULL,
    school_id uuid,
    pack text NOT NULL,
    number integer NOT NULL,
    body jsonb NOT NULL,
    added_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT pack_version_sha256_check CHECK ((length(sha256) = 64))
);


--
-- Name: person; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.person (
    id uuid NOT NULL,
    sign_in text NOT NULL,
    name text NOT NULL,
    password_hash text NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT person_sign_in_check CHECK (((sign_in = lower(sign_in)) AND ((length(sign_in) >= 3) AND (length(sign_in) <= 120))))
);


--
-- Name: register_event; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.register_event (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    lesson_id uuid NOT NULL,
    child_id uuid NOT NULL,
    present boolean NOT NULL,
    by_person uuid NOT NULL,
    at timestamp with time zone NOT NULL,
    received_at timestamp with time zone NOT NULL
);


--
-- Name: school; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.school (
    id uuid NOT NULL,
    name text NOT NULL,
    year_naming text NOT NULL,
    time_zone text NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    length_unit text DEFAULT 'METRES'::text NOT NULL,
    pace_cm integer DEFAULT 75 NOT NULL,
    pace_whose text DEFAULT 'the teacher'::text NOT NULL,
    week_starts text DEFAULT 'MONDAY'::text NOT NULL,
    own_years jsonb DEFAULT '{}'::jsonb NOT NULL,
    cautions jsonb DEFAULT '[]'::jsonb NOT NULL,
    moved_up_on date,
    erased_trials text DEFAULT 'KEEP'::text NOT NULL,
    CONSTRAINT school_erased_trials_check CHECK ((erased_trials = ANY (ARRAY['KEEP'::text, 'DROP'::text]))),
    CONSTRAINT school_length_unit_check CHECK ((length_unit = ANY (ARRAY['METRES'::text, 'FEET'::text]))),
    CONSTRAINT school_name_check CHECK (((length(name) >= 1) AND (length(name) <= 120))),
    CONSTRAINT school_pace_cm_check CHECK (((pace_cm >= 30) AND (pace_cm <= 150))),
    CONSTRAINT school_pace_whose_check CHECK (((length(pace_whose) >= 1) AND (length(pace_whose) <= 60))),
    CONSTRAINT school_week_starts_check CHECK ((week_starts = ANY (ARRAY['MONDAY'::text, 'SATURDAY'::text, 'SUNDAY'::text]))),
    CONSTRAINT school_year_naming_check CHECK ((year_naming = ANY (ARRAY['YEARS'::text, 'GRADES'::text, 'PRIMARIES'::text, 'AGES'::text, 'OWN'::text])))
);


--
-- Name: school_class; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.school_class (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    name text NOT NULL,
    year_age integer NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    changing_minutes integer DEFAULT 0 NOT NULL,
    shoes_minutes integer DEFAULT 0 NOT NULL,
    left_on date,
    CONSTRAINT school_class_changing_minutes_check CHECK (((changing_minutes >= 0) AND (changing_minutes <= 40))),
    CONSTRAINT school_class_name_check CHECK (((length(name) >= 1) AND (length(name) <= 60))),
    CONSTRAINT school_class_shoes_minutes_check CHECK (((shoes_minutes >= 0) AND (shoes_minutes <= 20))),
    CONSTRAINT school_class_year_age_check CHECK (((year_age >= 3) AND (year_age <= 14)))
);


--
-- Name: sign_in_failure; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.sign_in_failure (
    id bigint NOT NULL,
    sign_in text NOT NULL,
    address text NOT NULL,
    at timestamp with time zone DEFAULT now() NOT NULL
);


--
-- Name: sign_in_failure_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

ALTER TABLE public.sign_in_failure ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.sign_in_failure_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: space; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.space (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    name text NOT NULL,
    length_cm integer NOT NULL,
    width_cm integer NOT NULL,
    ceiling_cm integer,
    floor text NOT NULL,
    wall_spots integer NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    walking_minutes integer DEFAULT 0 NOT NULL,
    wet_space_id uuid,
    CONSTRAINT space_ceiling_cm_check CHECK (((ceiling_cm >= 180) AND (ceiling_cm <= 5000))),
    CONSTRAINT space_check CHECK ((((width_cm >= 200) AND (width_cm <= 20000)) AND (width_cm <= length_cm))),
    CONSTRAINT space_check1 CHECK ((wet_space_id <> id)),
    CONSTRAINT space_floor_check CHECK ((floor = ANY (ARRAY['CARPET'::text, 'WOOD'::text, 'TARMAC'::text, 'GRASS'::text]))),
    CONSTRAINT space_length_cm_check CHECK (((length_cm >= 200) AND (length_cm <= 20000))),
    CONSTRAINT space_walking_minutes_check CHECK (((walking_minutes >= 0) AND (walking_minutes <= 30))),
    CONSTRAINT space_wall_spots_check CHECK (((wall_spots >= 0) AND (wall_spots <= 200)))
);


--
-- Name: space_feature; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.space_feature (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    space_id uuid NOT NULL,
    kind text NOT NULL,
    label text NOT NULL,
    colour text,
    x_cm integer NOT NULL,
    y_cm integer NOT NULL,
    dx_cm integer NOT NULL,
    dy_cm integer NOT NULL,
    "position" integer NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT space_feature_colour_check CHECK ((colour = ANY (ARRAY['WHITE'::text, 'YELLOW'::text, 'RED'::text, 'BLUE'::text, 'GREEN'::text, 'BLACK'::text]))),
    CONSTRAINT space_feature_dx_cm_check CHECK (((dx_cm >= '-20000'::integer) AND (dx_cm <= 20000))),
    CONSTRAINT space_feature_dy_cm_check CHECK (((dy_cm >= '-20000'::integer) AND (dy_cm <= 20000))),
    CONSTRAINT space_feature_kind_check CHECK ((kind = ANY (ARRAY['WALL'::text, 'DOOR'::text, 'HAZARD'::text, 'LINE'::text, 'CIRCLE'::text]))),
    CONSTRAINT space_feature_label_check CHECK ((length(label) <= 60)),
    CONSTRAINT space_feature_x_cm_check CHECK (((x_cm >= 0) AND (x_cm <= 20000))),
    CONSTRAINT space_feature_y_cm_check CHECK (((y_cm >= 0) AND (y_cm <= 20000)))
);


--
-- Name: spring_session; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.spring_session (
    primary_id character(36) NOT NULL,
    session_id character(36) NOT NULL,
    creation_time bigint NOT NULL,
    last_access_time bigint NOT NULL,
    max_inactive_interval integer NOT NULL,
    expiry_time bigint NOT NULL,
    principal_name character varying(100)
);


--
-- Name: spring_session_attributes; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.spring_session_attributes (
    session_primary_id character(36) NOT NULL,
    attribute_name character varying(200) NOT NULL,
    attribute_bytes bytea NOT NULL
);


--
-- Name: term; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.term (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    name text NOT NULL,
    first_day date NOT NULL,
    last_day date NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT term_check CHECK ((last_day >= first_day)),
    CONSTRAINT term_name_check CHECK (((length(name) >= 1) AND (length(name) <= 60)))
);


--
-- Name: timetable_slot; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.timetable_slot (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    class_id uuid NOT NULL,
    weekday text NOT NULL,
    weeks text NOT NULL,
    starts time without time zone NOT NULL,
    minutes integer NOT NULL,
    space_id uuid NOT NULL,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT timetable_slot_minutes_check CHECK (((minutes >= 10) AND (minutes <= 120))),
    CONSTRAINT timetable_slot_weeks_check CHECK ((weeks = ANY (ARRAY['EVERY'::text, 'A'::text, 'B'::text])))
);


--
-- Name: trial; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.trial (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    child_id uuid NOT NULL,
    cue_key text NOT NULL,
    shown boolean NOT NULL,
    kind text NOT NULL,
    setting text NOT NULL,
    sitting uuid,
    side text,
    fault text,
    condition jsonb,
    lesson_id uuid,
    segment_id uuid,
    pack_sha256 text,
    observer uuid NOT NULL,
    device_id uuid NOT NULL,
    device_seq bigint NOT NULL,
    device_at timestamp with time zone NOT NULL,
    seen_at timestamp with time zone NOT NULL,
    received_at timestamp with time zone NOT NULL,
    payload_sha256 text NOT NULL,
    CONSTRAINT trial_kind_check CHECK ((kind = ANY (ARRAY['TEACHER'::text, 'PARTNER'::text, 'SELF'::text, 'HOME'::text, 'SAID'::text]))),
    CONSTRAINT trial_setting_check CHECK ((setting = ANY (ARRAY['SHAPE'::text, 'DRILL'::text, 'GAME'::text]))),
    CONSTRAINT trial_side_check CHECK ((side = ANY (ARRAY['LEFT'::text, 'RIGHT'::text])))
);


--
-- Name: trial_conflict; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.trial_conflict (
    id bigint NOT NULL,
    school_id uuid NOT NULL,
    trial_id uuid NOT NULL,
    payload jsonb NOT NULL,
    received_at timestamp with time zone NOT NULL
);


--
-- Name: trial_conflict_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

ALTER TABLE public.trial_conflict ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.trial_conflict_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: trial_void; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.trial_void (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    trial_id uuid NOT NULL,
    by_person uuid NOT NULL,
    at timestamp with time zone NOT NULL,
    received_at timestamp with time zone NOT NULL
);


--
-- Name: unit; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.unit (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    class_id uuid NOT NULL,
    title text NOT NULL,
    head_revision uuid,
    version integer DEFAULT 0 NOT NULL,
    CONSTRAINT unit_title_check CHECK (((length(title) >= 1) AND (length(title) <= 120)))
);


--
-- Name: unit_revision; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.unit_revision (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    unit_id uuid NOT NULL,
    parent uuid,
    merged uuid,
    by_person uuid NOT NULL,
    at timestamp with time zone NOT NULL,
    cause text NOT NULL,
    packs jsonb NOT NULL,
    effort integer NOT NULL,
    hard bigint NOT NULL,
    medium bigint NOT NULL,
    soft bigint NOT NULL,
    body jsonb NOT NULL,
    body_schema integer NOT NULL,
    version integer DEFAULT 0 NOT NULL
);


--
-- Data for Name: audit; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.audit VALUES ('01a214f6-da01-733c-8425-ea198d054522', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:31.71368+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'space Hall', '', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4');
INSERT INTO public.audit VALUES ('01a214f6-da80-7bf8-8f81-84099c79bb83', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:31.840729+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'space Tarmac yard', '', '01a214f6-d9d3-74bc-8af3-e78210f6a2c2');
INSERT INTO public.audit VALUES ('01a214f6-dac1-7ed0-b829-71dc10159a88', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:31.905549+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'space Sloping field', '', '01a214f6-daaa-7e1f-aceb-381c0f447a5f');
INSERT INTO public.audit VALUES ('01a214f6-dad9-7875-a54a-3b391fd13878', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:31.929122+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: foam-ball-20', '', '01a214f6-dad6-743b-af4d-48b4185f2f83');
INSERT INTO public.audit VALUES ('01a214f6-dae4-7d03-8f28-0395228508e1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:31.940688+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: foam-ball-16', '', '01a214f6-dae2-7513-84b3-43ed02cc33fc');
INSERT INTO public.audit VALUES ('01a214f6-dafd-74a1-8e39-e9eca8beb78b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:31.965619+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: sock-ball', '', '01a214f6-dafa-7602-91bb-96e8c00e7604');
INSERT INTO public.audit VALUES ('01a214f6-db09-7285-b07f-b12453fa27ae', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:31.97766+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: low-tennis-ball', '', '01a214f6-db07-708a-a60b-08aa434eadc0');
INSERT INTO public.audit VALUES ('01a214f6-db15-7aad-880f-9f004a7d1dd0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:31.989896+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: tennis-ball', '', '01a214f6-db13-70a5-8c4a-bc77f56eecf4');
INSERT INTO public.audit VALUES ('01a214f6-db20-7137-93de-212de99f8bd5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.000772+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: beanbag', '', '01a214f6-db1e-7cc8-997d-10a328c9cff7');
INSERT INTO public.audit VALUES ('01a214f6-db2d-76c3-acc5-bd572257838f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.013477+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: scarf', '', '01a214f6-db2a-7606-9ea0-ea821444288d');
INSERT INTO public.audit VALUES ('01a214f6-db3a-7323-bbfc-d309a6180f9e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.026189+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: skittle', '', '01a214f6-db37-7bde-884f-f542c3840f19');
INSERT INTO public.audit VALUES ('01a214f6-db45-72d8-8da2-2590f851770e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.03786+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: bottle-empty', '', '01a214f6-db42-703e-bdcb-30cf1442a2e3');
INSERT INTO public.audit VALUES ('01a214f6-db50-7b3f-b231-deb9c4b4d3df', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.048987+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: bottle-full', '', '01a214f6-db4e-7e4d-b79d-f648f5a7b70f');
INSERT INTO public.audit VALUES ('01a214f6-db59-72d3-93bf-6839222eb0b4', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.057464+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: cup', '', '01a214f6-db57-7948-90bd-d3533009265a');
INSERT INTO public.audit VALUES ('01a214f6-db61-77a7-a82f-a9d7574af96a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.065174+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: cone', '', '01a214f6-db5f-7bd3-ba4e-1638da23d4e7');
INSERT INTO public.audit VALUES ('01a214f6-db6c-70ed-b6c5-5e3ae72b6d7f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.076546+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: spot', '', '01a214f6-db6b-7a15-9bb1-6652de246e70');
INSERT INTO public.audit VALUES ('01a214f6-db78-7f30-a18d-f57a7fd1430a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.088564+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: hoop', '', '01a214f6-db77-72c8-ac36-7419aac1a870');
INSERT INTO public.audit VALUES ('01a214f6-db82-7269-af17-cd48561817c1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.098529+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: rope', '', '01a214f6-db80-7edc-be37-bde665a9e675');
INSERT INTO public.audit VALUES ('01a214f6-db8a-7042-9dc2-5debc8aba68c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.106627+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: playground-ball', '', '01a214f6-db88-7ffb-a143-73dd7c039958');
INSERT INTO public.audit VALUES ('01a214f6-dba1-7066-b35f-20bdc3663c5e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.129562+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'cupboard: own-tide-mat', '', '01a214f6-db92-7230-8eba-ebf62f8cbc82');
INSERT INTO public.audit VALUES ('01a214f6-dbb8-7dcf-8e79-3b7b2b89ec52', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.152407+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'CHANGED', 'cupboard: own-tide-mat', 'count 0 → 12, storage none → hall cupboard', '01a214f6-db92-7230-8eba-ebf62f8cbc82');
INSERT INTO public.audit VALUES ('01a214f6-dbdb-72f9-992f-fb1b5b87ed5b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.187969+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'class Dunlins', '', '01a214f6-dbbb-76db-a240-7360e067311a');
INSERT INTO public.audit VALUES ('01a214f6-dbde-7d93-9465-b18c3721bacc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.190454+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'CHANGED', 'class Dunlins', 'school id, shoes minutes 0 → 1', '01a214f6-dbbb-76db-a240-7360e067311a');
INSERT INTO public.audit VALUES ('01a214f6-dc16-7073-a319-8d926adad5b6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.246339+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0b-738e-a54a-4ab2a69aab3e');
INSERT INTO public.audit VALUES ('01a214f6-dc18-771e-b90c-9b292fd20216', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.248111+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0c-78ed-86cd-09b936cf4abf');
INSERT INTO public.audit VALUES ('01a214f6-dc1a-7ec6-8760-8ed6c03e2d8e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.250958+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0d-7dab-8535-7c2768d6f2d8');
INSERT INTO public.audit VALUES ('01a214f6-dc1c-7906-b5f4-238e0740689c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.252414+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0d-7a85-abd8-bd08ee48d91c');
INSERT INTO public.audit VALUES ('01a214f6-dc1d-7a1d-ac31-0a567227d05f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.253703+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0d-76e6-a255-2476e0bd32f3');
INSERT INTO public.audit VALUES ('01a214f6-dc20-7901-b9c2-fe5c381b0744', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.256527+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0d-725d-bfa5-6257da48e591');
INSERT INTO public.audit VALUES ('01a214f6-dc21-7854-9b53-cb1794d22a8b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.257966+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0e-7b34-8937-4e73d4f8fccf');
INSERT INTO public.audit VALUES ('01a214f6-dc23-785d-8cdc-75ca51d780b2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.259184+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0e-7fed-bae2-c046d03883ab');
INSERT INTO public.audit VALUES ('01a214f6-dc24-7fde-9539-867bb3a0f6ef', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.2603+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0e-7dd0-9851-46be77c99f00');
INSERT INTO public.audit VALUES ('01a214f6-dc25-7cd7-9200-08ca158e23b1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.261464+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0e-7cad-b7f0-a24f9c6ae33d');
INSERT INTO public.audit VALUES ('01a214f6-dc26-7a3b-bf9f-cefe50039dc8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.262655+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0e-75d0-82fd-5fb1f4568798');
INSERT INTO public.audit VALUES ('01a214f6-dc27-7dbb-a052-ab0b470e9640', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.263749+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0f-7b8a-9fda-e889799e4da7');
INSERT INTO public.audit VALUES ('01a214f6-dc28-7c28-8730-da44807e204d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.264884+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0f-7cd9-b225-759d7b5a711b');
INSERT INTO public.audit VALUES ('01a214f6-dc29-72c3-823b-c93e5b5ffcdf', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.265946+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0f-743e-8bff-7d57c6b2bfda');
INSERT INTO public.audit VALUES ('01a214f6-dc2a-7c41-8c31-f0740f18167b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.266898+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0f-7a8f-a5cb-28a4a93d68a6');
INSERT INTO public.audit VALUES ('01a214f6-dc2b-759b-994d-1c6453b6253e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.267856+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0f-71ad-a173-fad9b60299fc');
INSERT INTO public.audit VALUES ('01a214f6-dc2d-7d84-a332-492b4b00239d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.269061+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc0f-73a1-bcb6-f31a2fdd58dc');
INSERT INTO public.audit VALUES ('01a214f6-dc30-756e-9679-ea28c1a6f6dd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.272697+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc10-7d54-a4c4-2113fe136283');
INSERT INTO public.audit VALUES ('01a214f6-dc32-7220-9db0-3a66fda6e987', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.274186+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc10-7b44-a298-a8952ea68d2a');
INSERT INTO public.audit VALUES ('01a214f6-dc36-7fff-8e1a-641148d09013', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.278515+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc10-7eee-a46f-6456a1a54bd9');
INSERT INTO public.audit VALUES ('01a214f6-dc38-77a5-8637-5e78d06c8600', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.280136+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc10-7261-ae6f-5da14d732db9');
INSERT INTO public.audit VALUES ('01a214f6-dc39-76fd-9d33-04d032e6a7ae', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.28155+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dc12-7a3a-8800-efc7e1a55124');
INSERT INTO public.audit VALUES ('01a214f6-dc52-7291-bf8f-b2fef7f8ff04', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.30605+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc3d-7c04-9a3f-ba030404424d');
INSERT INTO public.audit VALUES ('01a214f6-dc53-7fad-a20a-9fcb0f187d7e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.307667+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc3f-7f69-a109-b0260c117bca');
INSERT INTO public.audit VALUES ('01a214f6-dc54-7e66-942a-52bde2c9a7b6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.308949+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc41-7038-9964-b2f18d92efa2');
INSERT INTO public.audit VALUES ('01a214f6-dc56-7a1b-aea9-d4fde9ac4d1a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.310112+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc42-725e-a0d2-105e35d0bf49');
INSERT INTO public.audit VALUES ('01a214f6-dc57-70e1-b79b-0a49e0c11193', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.311136+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc43-75ec-b150-9d7ef1bf647c');
INSERT INTO public.audit VALUES ('01a214f6-dc58-753f-a0af-a2727a60d3f1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.312839+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc44-7c3b-9134-2eae18384ba3');
INSERT INTO public.audit VALUES ('01a214f6-dc59-7966-9a2c-b592986bf6aa', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.313818+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc45-7475-b57a-d6bd949b8d5f');
INSERT INTO public.audit VALUES ('01a214f6-dc5a-7e8c-9148-e324b5a489b5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.314796+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc45-7244-9b43-97f405625083');
INSERT INTO public.audit VALUES ('01a214f6-dc5b-7626-924c-c638afcb9d33', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.315751+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc46-7a82-90ac-dc77cc34459e');
INSERT INTO public.audit VALUES ('01a214f6-dc5c-75c1-9475-b56eda86b290', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.316684+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc47-7d45-8ccf-8338edcf792f');
INSERT INTO public.audit VALUES ('01a214f6-dc5d-73cd-a2e2-2f2dd1257ee8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.317626+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc48-7486-83f6-bfda965ed8ef');
INSERT INTO public.audit VALUES ('01a214f6-dc5e-7382-b0cb-b5db592276fd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.318715+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc48-7edb-8a7b-f29506310a1d');
INSERT INTO public.audit VALUES ('01a214f6-dc5f-79da-b5b7-13f7cd369ccc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.319979+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc49-792b-b5e8-b79aa35a264b');
INSERT INTO public.audit VALUES ('01a214f6-dc61-7f82-8af3-14ca27c60069', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.321039+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc49-7656-ad23-a6bb210288aa');
INSERT INTO public.audit VALUES ('01a214f6-dc62-7ca4-a778-f00901a02933', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.322386+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc4a-7185-b5ac-960200633bd9');
INSERT INTO public.audit VALUES ('01a214f6-dc63-7d8f-bc08-7f7a559c83f6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.323511+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc4b-782f-9ad3-85256b0250c2');
INSERT INTO public.audit VALUES ('01a214f6-dc64-7bd1-8e6e-a293a7c7ebe2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.324566+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc4b-7d6c-867d-77c5e9b69260');
INSERT INTO public.audit VALUES ('01a214f6-dc65-7371-9a07-6902e8cfd898', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.325584+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc4c-7acc-be34-f99c0183f300');
INSERT INTO public.audit VALUES ('01a214f6-dc67-7bfd-92a0-833e16a0bd9f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.327107+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc4d-716b-87e7-8b167cd7ad3b');
INSERT INTO public.audit VALUES ('01a214f6-dc68-7830-918c-47a399fa8707', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.328141+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc4e-7f0a-8b2a-ba494405db0a');
INSERT INTO public.audit VALUES ('01a214f6-dc69-7069-a67f-e214b531f3ad', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.329302+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dc4e-7b59-aeb9-2f7d17d49fd5');
INSERT INTO public.audit VALUES ('01a214f6-dc9f-7a71-b636-6bad039828e7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.383241+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'class Sanderlings', '', '01a214f6-dc8a-79d2-9c6e-efa7609d9509');
INSERT INTO public.audit VALUES ('01a214f6-dca5-7a7c-bda3-65450951d62a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.389469+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'CHANGED', 'class Sanderlings', 'school id, shoes minutes 0 → 1', '01a214f6-dc8a-79d2-9c6e-efa7609d9509');
INSERT INTO public.audit VALUES ('01a214f6-dcd8-78a9-b0d3-c0ab92520d67', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.440685+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcce-794b-bccf-401f794c2a24');
INSERT INTO public.audit VALUES ('01a214f6-dcd9-7efd-9de3-566570ff0dbd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.442022+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dccf-7726-824a-94b7c05cd53b');
INSERT INTO public.audit VALUES ('01a214f6-dcda-7ce3-8ccf-30713cc0f94f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.443+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dccf-7182-a2ba-f8fc72838710');
INSERT INTO public.audit VALUES ('01a214f6-dcdb-73be-8adb-e8cdf260ac37', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.443764+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd0-7404-93e1-e5972574df80');
INSERT INTO public.audit VALUES ('01a214f6-dcdc-7954-bd34-9b8e0368b44e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.444495+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd0-7067-a65b-2a4a7d23235f');
INSERT INTO public.audit VALUES ('01a214f6-dcdd-7c36-91ac-05600567b689', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.445134+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2');
INSERT INTO public.audit VALUES ('01a214f6-dcde-7748-90d2-21e6e254859d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.446317+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd1-71f0-a8e7-93abfcd6fe34');
INSERT INTO public.audit VALUES ('01a214f6-dcdf-70ae-a213-e8d091a2e6dd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.447051+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd1-7590-a688-7e47f2b4956a');
INSERT INTO public.audit VALUES ('01a214f6-dcdf-7c90-8ca3-02bf4771d25c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.447772+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2');
INSERT INTO public.audit VALUES ('01a214f6-dce0-7b5e-8bc9-70d346e891f1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.448413+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd2-74e6-a32b-96c371062e7f');
INSERT INTO public.audit VALUES ('01a214f6-dce1-7db7-abe1-69e17ebe135c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.449074+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd2-77a9-b310-4ca725e8594d');
INSERT INTO public.audit VALUES ('01a214f6-dce1-7da4-a20c-cd5a3bf5f105', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.449694+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd2-7293-9007-3a9f3d578ca7');
INSERT INTO public.audit VALUES ('01a214f6-dce2-7294-bf1c-2fb32c3cf251', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.450288+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd3-70a9-a9ce-81e6438ed271');
INSERT INTO public.audit VALUES ('01a214f6-dce2-7c7f-b6d1-fa1f9f4663db', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.45094+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd3-7c89-96ca-2e9d56a81177');
INSERT INTO public.audit VALUES ('01a214f6-dce3-71d2-9f6d-0daebd917169', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.451883+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f');
INSERT INTO public.audit VALUES ('01a214f6-dce4-7fc4-908a-157443083df1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.452553+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef');
INSERT INTO public.audit VALUES ('01a214f6-dce5-72af-b7cb-57866bc8f5ca', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.453689+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82');
INSERT INTO public.audit VALUES ('01a214f6-dce6-72b8-ae14-6dd87e657ac1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.454588+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd4-7f8d-b036-6a25bdec898f');
INSERT INTO public.audit VALUES ('01a214f6-dce7-70db-961d-393924ae345c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.455509+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd4-710b-bcd1-70d8a5845080');
INSERT INTO public.audit VALUES ('01a214f6-dce8-7af4-b93b-3abea27e4e00', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.45656+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd5-7b51-b66b-750cfb4453ac');
INSERT INTO public.audit VALUES ('01a214f6-dce9-7399-996c-4c9042dc1a51', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.457434+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea');
INSERT INTO public.audit VALUES ('01a214f6-dcea-7a98-a3cf-8404b5d5a51c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.458624+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61');
INSERT INTO public.audit VALUES ('01a214f6-dceb-7da8-8603-bb97e60de957', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.45933+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd5-7918-89d4-2c34b8564801');
INSERT INTO public.audit VALUES ('01a214f6-dcec-72cc-9014-d2dc3245d054', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.460344+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd6-7def-aa44-dc70b5179d9f');
INSERT INTO public.audit VALUES ('01a214f6-dced-7389-87a9-c377b692e578', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.461148+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd');
INSERT INTO public.audit VALUES ('01a214f6-dcee-72cc-852d-55ad8326e443', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.462048+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd6-7522-95e0-12cbf4bfa1df');
INSERT INTO public.audit VALUES ('01a214f6-dcef-7cce-8c7a-135e70faca4d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.463271+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb');
INSERT INTO public.audit VALUES ('01a214f6-dd03-7544-b340-7a011c0ba9c3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.483268+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf1-746e-ae19-d08406cd9882');
INSERT INTO public.audit VALUES ('01a214f6-dd05-72d6-8e8f-1fb19cc68d9a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.485964+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf2-711e-bf17-d4837f54be2e');
INSERT INTO public.audit VALUES ('01a214f6-dd07-7472-8c2e-9086337e70b1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.487394+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf3-7323-8cc3-40ca1143d1a5');
INSERT INTO public.audit VALUES ('01a214f6-dd09-7468-ba50-2311cb1be511', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.490007+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf3-7862-afe7-2ef07eeef082');
INSERT INTO public.audit VALUES ('01a214f6-dd0f-7f87-ad7e-67148f13f373', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.495078+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf4-7f61-b317-f4db688a107e');
INSERT INTO public.audit VALUES ('01a214f6-dd10-7a55-b81c-9dd97a452160', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.496488+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf4-7ae3-bbcc-ca7e941f4a3b');
INSERT INTO public.audit VALUES ('01a214f6-dd11-7e5d-8953-634fe2b5e400', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.497679+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf5-7a0f-b20b-a381b99ebd02');
INSERT INTO public.audit VALUES ('01a214f6-dd12-7fcf-8dcd-4cc7eeea34ac', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.498888+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf6-79da-99ba-c049ac8644e5');
INSERT INTO public.audit VALUES ('01a214f6-dd13-7f1c-9352-7eff33e1953a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.499891+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf6-7ac3-9090-df15ac797ebd');
INSERT INTO public.audit VALUES ('01a214f6-dd15-73fe-ab96-9ee1b5fd4ab3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.501184+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf7-7833-9c97-74448b25bc3f');
INSERT INTO public.audit VALUES ('01a214f6-dd16-7108-b909-6ec72b332609', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.502115+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf7-7970-a997-1cf5a560495c');
INSERT INTO public.audit VALUES ('01a214f6-dd16-71b1-8255-877dda3d34ec', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.50292+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf8-757b-a4ea-f34e5578f376');
INSERT INTO public.audit VALUES ('01a214f6-dd18-7510-a02c-9c673418af2e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.504514+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf8-7a73-ae76-37faa83e9bee');
INSERT INTO public.audit VALUES ('01a214f6-dd1a-755e-965e-b934daa2771f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.50612+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf9-7bff-81a1-c530ef4811c6');
INSERT INTO public.audit VALUES ('01a214f6-dd1a-7f04-aa1b-19c5045f6b17', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.507002+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcf9-7ba3-98be-e908684e692f');
INSERT INTO public.audit VALUES ('01a214f6-dd1b-78fc-a7d0-01e65d480681', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.507663+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfa-7b00-b14a-4e1c03cc9dea');
INSERT INTO public.audit VALUES ('01a214f6-dd1e-7b07-a2c5-f08382777702', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.510083+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfa-7054-9068-99a0a95696d8');
INSERT INTO public.audit VALUES ('01a214f6-dd1f-7baf-bac5-270a38557465', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.511275+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfb-7f25-9645-d3ff6ebcaf63');
INSERT INTO public.audit VALUES ('01a214f6-dd20-7578-8f4c-de790164ff9e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.512189+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfc-73ea-848d-fbc5fbbb13e5');
INSERT INTO public.audit VALUES ('01a214f6-dd21-7c26-8d12-9d4efcbec2dd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.513046+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfc-7659-a962-b8a160041839');
INSERT INTO public.audit VALUES ('01a214f6-dd23-7106-9ead-da341793de24', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.51505+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfd-7536-8423-957395cd072c');
INSERT INTO public.audit VALUES ('01a214f6-dd25-7ff7-9652-1aa35c1abbcc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.517483+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfd-7ff1-9aa3-e580bebd0013');
INSERT INTO public.audit VALUES ('01a214f6-dd2a-7886-8b9e-b7304be01eaa', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.522926+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfd-72d8-b363-2c35c9302873');
INSERT INTO public.audit VALUES ('01a214f6-dd2d-77a9-b7df-873f49b6fba9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.525796+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcfe-79f0-a8b6-70ec2d949c4b');
INSERT INTO public.audit VALUES ('01a214f6-dd2f-74cc-a4ae-80eff6e8af49', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.527485+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcff-7ac6-8efc-98573a24f2a6');
INSERT INTO public.audit VALUES ('01a214f6-dd32-7df5-ab62-37c96cd0d98c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.530987+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dcff-7ac4-947d-330968d60a79');
INSERT INTO public.audit VALUES ('01a214f6-dd34-7ad0-ba20-eafc83ed8a7e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.532209+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dd00-7031-92ae-02dcd3877073');
INSERT INTO public.audit VALUES ('01a214f6-dd35-7cc5-b55f-4caf677d9c03', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.533455+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-dd00-7135-8f83-5db13c290307');
INSERT INTO public.audit VALUES ('01a214f6-dd57-785b-84e4-ab7e7138c7d6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.567394+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'class Turnstones', '', '01a214f6-dd4a-719a-9315-d66742b547dd');
INSERT INTO public.audit VALUES ('01a214f6-dd5a-7090-8cda-15f8452bc2cc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.570562+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'CHANGED', 'class Turnstones', 'school id, shoes minutes 0 → 1', '01a214f6-dd4a-719a-9315-d66742b547dd');
INSERT INTO public.audit VALUES ('01a214f6-dd86-7019-aad9-f2a7ffc4a7de', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.614477+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd7d-78a6-945e-35f8266c6525');
INSERT INTO public.audit VALUES ('01a214f6-dd87-7880-b78c-5a5853aba708', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.615734+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd7e-74dc-97d2-a8bee9714bf5');
INSERT INTO public.audit VALUES ('01a214f6-dd88-7fb0-9731-1a5df2a0c5ff', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.616678+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd7e-7f26-b107-21d34a88bc15');
INSERT INTO public.audit VALUES ('01a214f6-dd89-7624-9ea3-f48856c71fd5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.617503+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd7e-7097-ada8-aa2c235fff3b');
INSERT INTO public.audit VALUES ('01a214f6-dd8a-7f8c-817c-d9942bc97dc8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.618248+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd7f-7ebd-ad5b-f17eddbaad83');
INSERT INTO public.audit VALUES ('01a214f6-dd8a-7a0a-8799-e1e28dafb0aa', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.618953+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd7f-738f-b344-c185123fc005');
INSERT INTO public.audit VALUES ('01a214f6-dd8c-7545-b8ac-c9185017e4f3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.620723+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd7f-700f-9b81-c65d1ff16461');
INSERT INTO public.audit VALUES ('01a214f6-dd8d-7d74-ab0d-46d377c0b384', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.62165+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd7f-733d-87c6-690e94cf1752');
INSERT INTO public.audit VALUES ('01a214f6-dd92-7101-b5c8-bfe1219c1920', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.626706+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd80-7484-a52c-f3529c6ddb5a');
INSERT INTO public.audit VALUES ('01a214f6-dd93-7f2f-b62f-fd3d3723d6d2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.628012+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd80-76e5-ad4d-20628abb5724');
INSERT INTO public.audit VALUES ('01a214f6-dd95-7bdf-ad8c-583f1e3e592f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.629469+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd80-7d0a-b5a4-3540d4247e5e');
INSERT INTO public.audit VALUES ('01a214f6-dd96-7643-8dd4-db37ced92875', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.630541+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd80-7223-ab41-50a651d94a6c');
INSERT INTO public.audit VALUES ('01a214f6-dd97-76de-bf92-5aef6e12af9c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.631522+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd81-7c96-8b44-5c5eb0bc8b4f');
INSERT INTO public.audit VALUES ('01a214f6-dd98-7039-9520-47281dff45f3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.632794+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd81-7402-977e-e83d0efcb285');
INSERT INTO public.audit VALUES ('01a214f6-dd99-762d-9907-1b737e58709f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.633734+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd81-793d-8ace-fec59e725b50');
INSERT INTO public.audit VALUES ('01a214f6-dd9a-75f6-9f23-d0bc3d3ba478', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.634625+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd81-7cf9-9f18-eb43a05d1e6b');
INSERT INTO public.audit VALUES ('01a214f6-dd9b-71ab-aff9-30fd0eab772f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.635408+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd81-70c2-83d5-f8e6ce3e0eee');
INSERT INTO public.audit VALUES ('01a214f6-dd9c-75d7-aa48-13e787f07ad1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.636157+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd82-74e8-bfcd-036f90a7a2ee');
INSERT INTO public.audit VALUES ('01a214f6-dda1-7b66-9e47-cbae91aa1cee', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.641298+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd82-7044-b6c5-af32911c3a9a');
INSERT INTO public.audit VALUES ('01a214f6-dda2-726d-af3f-b03eac987b2f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.6425+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd82-7cbf-88f5-fbd63ec305da');
INSERT INTO public.audit VALUES ('01a214f6-dda4-72ce-ae38-9175ef0076d9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.644293+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd82-7c4f-ae0c-93c7e020b26b');
INSERT INTO public.audit VALUES ('01a214f6-dda5-708c-a8be-568e5c306cd5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.645351+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd83-729d-95cd-0e0798e32b49');
INSERT INTO public.audit VALUES ('01a214f6-dda7-7a2e-ac8c-987917a0871e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.647168+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd83-7a81-976d-3406c06e01c3');
INSERT INTO public.audit VALUES ('01a214f6-dda8-7b62-b9e2-e2ec28fcda14', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.648351+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd83-79a9-8922-5c91c0edaefc');
INSERT INTO public.audit VALUES ('01a214f6-ddaa-72d4-9f56-7cd4c8b212ac', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.650638+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd83-7ee1-a8f5-b28935f11444');
INSERT INTO public.audit VALUES ('01a214f6-ddac-7681-a2d2-bb800947eb4d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.652086+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd84-7403-92d0-12aa91c31092');
INSERT INTO public.audit VALUES ('01a214f6-ddad-7779-b36c-e0aaedd6b818', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.653659+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd84-7063-b443-07e71fc7eb7e');
INSERT INTO public.audit VALUES ('01a214f6-ddae-7227-b91c-d1b13e5ef445', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.654678+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd84-7152-b41f-64237411d3a1');
INSERT INTO public.audit VALUES ('01a214f6-ddaf-7dcb-bf64-f17afde2c257', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.655528+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd84-7f4d-b626-4fb815496818');
INSERT INTO public.audit VALUES ('01a214f6-ddb1-7b37-8cde-c15159a4497d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.657901+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd84-78f6-92da-dd22bcb5541f');
INSERT INTO public.audit VALUES ('01a214f6-ddb2-770c-85b9-55c724bcaa11', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.658809+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'child', '', '01a214f6-dd85-7b15-ad0e-510be8331550');
INSERT INTO public.audit VALUES ('01a214f6-ddce-70ff-ae91-fac611fa2c5d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.686522+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddb6-788b-be2b-70dece16af45');
INSERT INTO public.audit VALUES ('01a214f6-ddcf-7a89-92ba-d7d38d3f53ff', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.687781+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddb6-7023-83c7-25f51d266862');
INSERT INTO public.audit VALUES ('01a214f6-ddd0-736c-9248-3cbebe0e3bf7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.688779+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddb7-7570-969f-407dc26d85a0');
INSERT INTO public.audit VALUES ('01a214f6-ddd1-7fb9-bf61-f266cb686d85', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.689693+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddb8-7b19-aa93-b2dd0ff511d9');
INSERT INTO public.audit VALUES ('01a214f6-ddd3-7d96-ae13-22bb52c369fc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.691065+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddba-7240-8aed-7e8090fd2872');
INSERT INTO public.audit VALUES ('01a214f6-ddd3-74a6-8c56-4a5486729536', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.691954+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddbc-7bf9-b65f-f3b8c1847749');
INSERT INTO public.audit VALUES ('01a214f6-ddd5-7530-bc49-234b7839915d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.693101+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddbc-7016-a8e3-33bae61ad5f6');
INSERT INTO public.audit VALUES ('01a214f6-ddd5-7842-b58e-95e46f19a5ff', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.693898+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddbe-7be9-98fd-9470853622a7');
INSERT INTO public.audit VALUES ('01a214f6-ddd6-7a30-88a5-b38ae056cfc5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.694543+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddbe-781a-893b-25341bf88558');
INSERT INTO public.audit VALUES ('01a214f6-ddd7-71f3-8982-f6ddf959e4bd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.695163+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddbf-74ec-87c1-f5b0d633d33a');
INSERT INTO public.audit VALUES ('01a214f6-ddd7-7f14-b36e-f34a2a7cb452', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.695776+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddbf-7ab8-be45-e146267b9e37');
INSERT INTO public.audit VALUES ('01a214f6-ddd8-7f31-8713-a1be875658f8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.696367+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddbf-7427-980d-250755c6fea9');
INSERT INTO public.audit VALUES ('01a214f6-ddd8-790e-b2dd-0939a1be3314', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.696968+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc0-7779-94ca-11b20467d0a9');
INSERT INTO public.audit VALUES ('01a214f6-dddb-71b4-9480-f002f6333c3e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.699861+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc1-7f67-8bf4-dc7c0a7afec3');
INSERT INTO public.audit VALUES ('01a214f6-dddd-7b33-8b4c-1aa4b891e0e6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.701088+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc1-75f0-8cf3-44dc1aab6d6f');
INSERT INTO public.audit VALUES ('01a214f6-ddde-7eb3-9bb8-f3bdd3e2c6b6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.702068+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc2-7c72-b48d-0ead7e70b951');
INSERT INTO public.audit VALUES ('01a214f6-ddde-75c5-8734-486a8141f0b7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.702874+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc3-7719-84f0-7602842a1932');
INSERT INTO public.audit VALUES ('01a214f6-dddf-78b7-9877-9dc64fbf9241', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.703634+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc4-7dab-8b9d-72637028a838');
INSERT INTO public.audit VALUES ('01a214f6-dde0-7ad4-b7c8-8b8947dcd695', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.704326+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc5-7180-8e64-4cd5ad670680');
INSERT INTO public.audit VALUES ('01a214f6-dde1-735c-ad50-c0120ea6b209', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.705519+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc5-72c4-b282-7898884120e3');
INSERT INTO public.audit VALUES ('01a214f6-dde2-7335-9d52-b74ff539ad9f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.706408+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc6-766a-b608-210fdabcd515');
INSERT INTO public.audit VALUES ('01a214f6-dde5-7522-872d-5765e6d81fa7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.709154+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc6-7420-b9ed-2b9f49941164');
INSERT INTO public.audit VALUES ('01a214f6-dde6-79f9-9fb8-bf4a727b404e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.710709+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc7-7797-ad53-82aab4421b83');
INSERT INTO public.audit VALUES ('01a214f6-dde8-7da0-b882-fbd68febd598', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.712072+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc7-708f-b722-98de9d4e8c3c');
INSERT INTO public.audit VALUES ('01a214f6-dde8-7e98-bd5e-821e2893eebb', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.713009+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc7-7922-b5b5-9020f6ce0210');
INSERT INTO public.audit VALUES ('01a214f6-dde9-7328-91fa-696d102c37dc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.713892+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc8-7082-aaff-4c6b7eb07040');
INSERT INTO public.audit VALUES ('01a214f6-ddeb-7596-bb72-eeba262fe21f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.715231+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc8-7e6c-ba42-cb9bbdb18e41');
INSERT INTO public.audit VALUES ('01a214f6-ddec-7c42-8c42-7c79332ae288', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.716088+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddc9-7166-ab6d-306112af0687');
INSERT INTO public.audit VALUES ('01a214f6-dded-75cc-9ceb-95162930bd69', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.717331+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddca-7403-9475-f2a464d4bd74');
INSERT INTO public.audit VALUES ('01a214f6-ddee-7a43-80a3-294bf1c82ec7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.718202+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'side of a child', '', '01a214f6-ddca-79fb-a9cb-667ca696c2f9');
INSERT INTO public.audit VALUES ('01a214f6-de48-78a8-9270-6d7b81286c80', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.808881+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'term Herring term', '', '01a214f6-de3d-7438-b845-0ce8189b9047');
INSERT INTO public.audit VALUES ('01a214f6-de52-7fdf-9704-9eae100e4a44', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.818792+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'term Gannet term', '', '01a214f6-de4b-7acd-9cd5-e10f5e652ef4');
INSERT INTO public.audit VALUES ('01a214f6-de5a-7f6d-ae1b-4a89e73c5134', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.826576+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'closure Mid-term break', '', '01a214f6-de54-7b91-91b2-6333d25f7e29');
INSERT INTO public.audit VALUES ('01a214f6-de60-7949-9d78-ca23f8baba50', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.832925+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'closure Staff training', '', '01a214f6-de5d-7609-a3dc-f48b45e0b670');
INSERT INTO public.audit VALUES ('01a214f6-de69-7095-87b7-14dca62811c0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.841874+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'closure Term ends at noon', '', '01a214f6-de63-7e85-9151-4e79442b397d');
INSERT INTO public.audit VALUES ('01a214f6-deac-78da-b741-5873ab36494d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.908162+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'timetable, wednesday 09:10', '', '01a214f6-de6c-722e-aac9-73a2baefd21b');
INSERT INTO public.audit VALUES ('01a214f6-dee1-7a94-a728-61b474f27d79', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:32.962054+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'timetable, wednesday 10:10', '', '01a214f6-deaf-7f46-8e2d-439d945b3b3a');
INSERT INTO public.audit VALUES ('01a214f6-df17-777f-9eea-59b32a9f40cb', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:33.015956+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'timetable, friday 10:10', '', '01a214f6-dee5-7f59-bdb6-5001e5e4ab14');
INSERT INTO public.audit VALUES ('01a214f6-df60-7137-8f26-0657b08efe7e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:33.088949+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'timetable, wednesday 11:00', '', '01a214f6-df1b-742c-b721-290c0c239c8c');
INSERT INTO public.audit VALUES ('01a214f6-e079-712b-bfd4-bfe2ca15b09f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:33.369987+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'unit Roll it, catch it', '', '01a214f6-e020-7489-9c59-a4f3279ab23e');
INSERT INTO public.audit VALUES ('01a214f6-e9e2-7887-a78f-4084955e017c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:35.778729+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'plan of a unit: Planned', '', '01a214f6-e9c4-72e8-9590-9ab769497c93');
INSERT INTO public.audit VALUES ('01a214f6-eb4d-7c07-87e8-40845b63a953', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:36.141407+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'CHANGED', 'lesson 1 of a unit', 'state PLANNED → TAUGHT', '01a214f6-e07d-761c-aabe-59951e2ab144');
INSERT INTO public.audit VALUES ('01a214f6-ed68-7491-83a5-be1372f6c7c0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:36.68019+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'CHANGED', 'lesson 2 of a unit', 'state PLANNED → TAUGHT', '01a214f6-e080-721c-ad61-0c74f67d4ce7');
INSERT INTO public.audit VALUES ('01a214f6-ef35-7b77-9c6f-216a2abed860', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:37.141872+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'CHANGED', 'lesson 3 of a unit', 'state PLANNED → LOST', '01a214f6-e080-7e31-8217-29a336022b6e');
INSERT INTO public.audit VALUES ('01a214f6-f0fb-72e0-95f7-5af6a6a8c22c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:37.595726+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'plan of a unit: Lesson 3 lost', '', '01a214f6-f0f9-7f8f-9b38-daa5a91cd22a');
INSERT INTO public.audit VALUES ('01a214f6-f149-7686-9b21-80b0686ba9f2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:37.673276+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'lesson lost', '', '01a214f6-f13f-727b-b971-747c9654e3a0');
INSERT INTO public.audit VALUES ('01a214f6-f228-748d-bfb5-62a6faf5559b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:37.896646+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'CHANGED', 'lesson 4 of a unit', 'state PLANNED → TAUGHT', '01a214f6-e080-74f2-b019-b36d8c50e233');
INSERT INTO public.audit VALUES ('01a214f6-f5eb-7603-9cf8-2a5e2e3914b0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:38.859772+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'plan of a unit: Replanned the rest', '', '01a214f6-f5e9-76b0-9551-94a132f8c0ef');
INSERT INTO public.audit VALUES ('01a214f6-f682-7e4f-b09d-feac08bd25bc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:39.010041+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'unit Aim and gather', '', '01a214f6-f65d-714c-a6e4-fcd9ffb2720f');
INSERT INTO public.audit VALUES ('01a214f6-f9c6-7b36-94d6-14859c9f5ed8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:39.846307+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'plan of a unit: Planned', '', '01a214f6-f9c2-7d56-ac74-7865cd443c60');
INSERT INTO public.audit VALUES ('01a214f6-f9e3-7c10-9b17-6dbda0d0e020', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:39.875868+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'unit First rolls, first catches', '', '01a214f6-f9cb-754b-a354-847b7815526f');
INSERT INTO public.audit VALUES ('01a214f6-fbc9-7004-9cd9-932401e9ffd9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '2026-11-25 23:07:40.361654+00', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'Robin Sedge', 'ADDED', 'plan of a unit: Planned', '', '01a214f6-fbc7-75f5-89ed-10ca95907181');


--
-- Data for Name: batch; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.batch VALUES ('01a214f6-ebee-7670-897c-6843443a95fe', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-ebec-7a7f-8729-19f05e0ab484', '2026-11-25 23:07:36.30282+00', '2026-11-25 23:07:36.303363+00', 0);
INSERT INTO public.batch VALUES ('01a214f6-ee04-7128-b323-0333adf9e993', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-ee03-7777-ba1b-00db0eaba05e', '2026-11-25 23:07:36.836167+00', '2026-11-25 23:07:36.836588+00', 0);
INSERT INTO public.batch VALUES ('01a214f6-f2bb-7fb7-baff-5b9bc3d2ea31', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f2bb-710a-afa6-542b28703b09', '2026-11-25 23:07:38.043944+00', '2026-11-25 23:07:38.044402+00', 0);


--
-- Data for Name: booking; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: calendar_feed; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: child; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.child VALUES ('01a214f6-dc0b-738e-a54a-4ab2a69aab3e', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Maren', 'Oakhaven', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0c-78ed-86cd-09b936cf4abf', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Bela', 'Dunecroft', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0d-7dab-8535-7c2768d6f2d8', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Emre', 'Estuary', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0d-7a85-abd8-bd08ee48d91c', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Lior', 'Quayle-Orr', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0d-76e6-a255-2476e0bd32f3', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Idris', 'Kelpie', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0d-725d-bfa5-6257da48e591', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Sana', 'Sandhu-Lowe', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0e-7b34-8937-4e73d4f8fccf', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Ravi', 'Nethercove', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0e-7fed-bae2-c046d03883ab', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Hari', 'Rockhall', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0e-7dd0-9851-46be77c99f00', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Yusra', 'Ferry', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0e-7cad-b7f0-a24f9c6ae33d', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Femi', 'Pierpoint', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0e-75d0-82fd-5fb1f4568798', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Ines', 'Windle', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0f-7b8a-9fda-e889799e4da7', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Wren', 'Marsh', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0f-7cd9-b225-759d7b5a711b', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Tove', 'Harbourne', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0f-743e-8bff-7d57c6b2bfda', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Nia', 'Beaconsby', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0f-7a8f-a5cb-28a4a93d68a6', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Zofia', 'Saltley', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0f-71ad-a173-fad9b60299fc', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Elif', 'Merefield', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc0f-73a1-bcb6-f31a2fdd58dc', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Piet', 'Tidemark', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc10-7d54-a4c4-2113fe136283', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Jonas', 'Brackwater', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc10-7b44-a298-a8952ea68d2a', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Milo', 'Shingleton', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc10-7eee-a46f-6456a1a54bd9', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Cato', 'Oakhaven', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc10-7261-ae6f-5da14d732db9', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Pia', 'Dunecroft', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dc12-7a3a-8800-efc7e1a55124', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Teo', 'Estuary', 5, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcce-794b-bccf-401f794c2a24', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Anouk', 'Quayle-Orr', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dccf-7726-824a-94b7c05cd53b', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Rosa', 'Kelpie', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dccf-7182-a2ba-f8fc72838710', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Lars', 'Sandhu-Lowe', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd0-7404-93e1-e5972574df80', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Oona', 'Nethercove', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd0-7067-a65b-2a4a7d23235f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Kofi', 'Rockhall', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd0-7f0f-9a44-e535d662b8b2', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Ayla', 'Ferry', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd1-71f0-a8e7-93abfcd6fe34', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Bram', 'Pierpoint', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd1-7590-a688-7e47f2b4956a', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Chidi', 'Windle', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Dilan', 'Marsh', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd2-74e6-a32b-96c371062e7f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Esme', 'Harbourne', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd2-77a9-b310-4ca725e8594d', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Finn', 'Beaconsby', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd2-7293-9007-3a9f3d578ca7', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Greta', 'Saltley', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd3-70a9-a9ce-81e6438ed271', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Hugo', 'Merefield', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd3-7c89-96ca-2e9d56a81177', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Ilse', 'Tidemark', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Juno', 'Brackwater', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Kaya', 'Shingleton', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Luka', 'Oakhaven', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd4-7f8d-b036-6a25bdec898f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Mira', 'Dunecroft', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd4-710b-bcd1-70d8a5845080', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Noor', 'Estuary', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd5-7b51-b66b-750cfb4453ac', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Otis', 'Quayle-Orr', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Petra', 'Kelpie', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd5-7ab4-b3f3-043db3b11c61', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Quinn', 'Sandhu-Lowe', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd5-7918-89d4-2c34b8564801', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Runa', 'Nethercove', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd6-7def-aa44-dc70b5179d9f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Suri', 'Rockhall', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Tariq', 'Ferry', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd6-7522-95e0-12cbf4bfa1df', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Uma', 'Pierpoint', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dcd7-7e9f-83d1-d4adf624aafb', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Vida', 'Windle', 7, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd7d-78a6-945e-35f8266c6525', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Willa', 'Marsh', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd7e-74dc-97d2-a8bee9714bf5', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Xavi', 'Harbourne', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd7e-7f26-b107-21d34a88bc15', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Yara', 'Beaconsby', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd7e-7097-ada8-aa2c235fff3b', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Zeno', 'Saltley', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd7f-7ebd-ad5b-f17eddbaad83', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Alma', 'Merefield', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd7f-738f-b344-c185123fc005', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Birk', 'Tidemark', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd7f-700f-9b81-c65d1ff16461', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Carys', 'Brackwater', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd7f-733d-87c6-690e94cf1752', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Dov', 'Shingleton', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd80-7484-a52c-f3529c6ddb5a', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Edda', 'Oakhaven', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd80-76e5-ad4d-20628abb5724', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Farid', 'Dunecroft', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd80-7d0a-b5a4-3540d4247e5e', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Gwen', 'Estuary', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd80-7223-ab41-50a651d94a6c', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Hal', 'Quayle-Orr', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd81-7c96-8b44-5c5eb0bc8b4f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Isla', 'Kelpie', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd81-7402-977e-e83d0efcb285', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Jory', 'Sandhu-Lowe', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd81-793d-8ace-fec59e725b50', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Kit', 'Nethercove', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd81-7cf9-9f18-eb43a05d1e6b', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Lena', 'Rockhall', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd81-70c2-83d5-f8e6ce3e0eee', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Mabli', 'Ferry', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd82-74e8-bfcd-036f90a7a2ee', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Niko', 'Pierpoint', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd82-7044-b6c5-af32911c3a9a', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Orla', 'Windle', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd82-7cbf-88f5-fbd63ec305da', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Pau', 'Marsh', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd82-7c4f-ae0c-93c7e020b26b', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Rafi', 'Harbourne', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd83-729d-95cd-0e0798e32b49', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Saga', 'Beaconsby', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd83-7a81-976d-3406c06e01c3', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Tomos', 'Saltley', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd83-79a9-8922-5c91c0edaefc', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Ulla', 'Merefield', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd83-7ee1-a8f5-b28935f11444', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Vito', 'Tidemark', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd84-7403-92d0-12aa91c31092', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Wiki', 'Brackwater', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd84-7063-b443-07e71fc7eb7e', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Yann', 'Shingleton', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd84-7152-b41f-64237411d3a1', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Zia', 'Oakhaven', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd84-7f4d-b626-4fb815496818', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Anselm', 'Dunecroft', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd84-78f6-92da-dd22bcb5541f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Bodil', 'Estuary', 9, NULL, NULL, 0);
INSERT INTO public.child VALUES ('01a214f6-dd85-7b15-ad0e-510be8331550', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Cilla', 'Quayle-Orr', 9, NULL, NULL, 0);


--
-- Data for Name: child_cue; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: child_pair; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: child_side; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.child_side VALUES ('01a214f6-dc3d-7c04-9a3f-ba030404424d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0b-738e-a54a-4ab2a69aab3e', 'KICK', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc3f-7f69-a109-b0260c117bca', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0b-738e-a54a-4ab2a69aab3e', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc41-7038-9964-b2f18d92efa2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0c-78ed-86cd-09b936cf4abf', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc42-725e-a0d2-105e35d0bf49', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0d-7dab-8535-7c2768d6f2d8', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc43-75ec-b150-9d7ef1bf647c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0d-7a85-abd8-bd08ee48d91c', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc44-7c3b-9134-2eae18384ba3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0d-76e6-a255-2476e0bd32f3', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc45-7475-b57a-d6bd949b8d5f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0d-725d-bfa5-6257da48e591', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc45-7244-9b43-97f405625083', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0e-7b34-8937-4e73d4f8fccf', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc46-7a82-90ac-dc77cc34459e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0e-7fed-bae2-c046d03883ab', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc47-7d45-8ccf-8338edcf792f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0e-7cad-b7f0-a24f9c6ae33d', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc48-7486-83f6-bfda965ed8ef', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0e-75d0-82fd-5fb1f4568798', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc48-7edb-8a7b-f29506310a1d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0f-7b8a-9fda-e889799e4da7', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc49-792b-b5e8-b79aa35a264b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0f-7cd9-b225-759d7b5a711b', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc49-7656-ad23-a6bb210288aa', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0f-743e-8bff-7d57c6b2bfda', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc4a-7185-b5ac-960200633bd9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0f-7a8f-a5cb-28a4a93d68a6', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc4b-782f-9ad3-85256b0250c2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0f-71ad-a173-fad9b60299fc', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc4b-7d6c-867d-77c5e9b69260', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc0f-73a1-bcb6-f31a2fdd58dc', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc4c-7acc-be34-f99c0183f300', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc10-7b44-a298-a8952ea68d2a', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc4d-716b-87e7-8b167cd7ad3b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc10-7eee-a46f-6456a1a54bd9', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc4e-7f0a-8b2a-ba494405db0a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc10-7261-ae6f-5da14d732db9', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dc4e-7b59-aeb9-2f7d17d49fd5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc12-7a3a-8800-efc7e1a55124', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf1-746e-ae19-d08406cd9882', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcce-794b-bccf-401f794c2a24', 'KICK', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf2-711e-bf17-d4837f54be2e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcce-794b-bccf-401f794c2a24', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf3-7323-8cc3-40ca1143d1a5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7726-824a-94b7c05cd53b', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf3-7862-afe7-2ef07eeef082', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7182-a2ba-f8fc72838710', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf4-7f61-b317-f4db688a107e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7404-93e1-e5972574df80', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf4-7ae3-bbcc-ca7e941f4a3b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7067-a65b-2a4a7d23235f', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf5-7a0f-b20b-a381b99ebd02', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf6-79da-99ba-c049ac8644e5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7590-a688-7e47f2b4956a', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf6-7ac3-9090-df15ac797ebd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf7-7833-9c97-74448b25bc3f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-74e6-a32b-96c371062e7f', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf7-7970-a997-1cf5a560495c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-77a9-b310-4ca725e8594d', 'KICK', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf8-757b-a4ea-f34e5578f376', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-77a9-b310-4ca725e8594d', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf8-7a73-ae76-37faa83e9bee', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf9-7bff-81a1-c530ef4811c6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcf9-7ba3-98be-e908684e692f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7c89-96ca-2e9d56a81177', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfa-7b00-b14a-4e1c03cc9dea', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfa-7054-9068-99a0a95696d8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfb-7f25-9645-d3ff6ebcaf63', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfc-73ea-848d-fbc5fbbb13e5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7f8d-b036-6a25bdec898f', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfc-7659-a962-b8a160041839', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-710b-bcd1-70d8a5845080', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfd-7536-8423-957395cd072c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b51-b66b-750cfb4453ac', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfd-7ff1-9aa3-e580bebd0013', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', 'KICK', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfd-72d8-b363-2c35c9302873', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcfe-79f0-a8b6-70ec2d949c4b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcff-7ac6-8efc-98573a24f2a6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7918-89d4-2c34b8564801', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dcff-7ac4-947d-330968d60a79', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dd00-7031-92ae-02dcd3877073', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7522-95e0-12cbf4bfa1df', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-dd00-7135-8f83-5db13c290307', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddb6-788b-be2b-70dece16af45', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd7d-78a6-945e-35f8266c6525', 'KICK', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddb6-7023-83c7-25f51d266862', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd7d-78a6-945e-35f8266c6525', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddb7-7570-969f-407dc26d85a0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd7e-74dc-97d2-a8bee9714bf5', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddb8-7b19-aa93-b2dd0ff511d9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd7e-7f26-b107-21d34a88bc15', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddba-7240-8aed-7e8090fd2872', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd7e-7097-ada8-aa2c235fff3b', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddbc-7bf9-b65f-f3b8c1847749', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd7f-738f-b344-c185123fc005', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddbc-7016-a8e3-33bae61ad5f6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd7f-700f-9b81-c65d1ff16461', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddbe-7be9-98fd-9470853622a7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd7f-733d-87c6-690e94cf1752', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddbe-781a-893b-25341bf88558', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd80-7484-a52c-f3529c6ddb5a', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddbf-74ec-87c1-f5b0d633d33a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd80-76e5-ad4d-20628abb5724', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddbf-7ab8-be45-e146267b9e37', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd80-7d0a-b5a4-3540d4247e5e', 'KICK', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddbf-7427-980d-250755c6fea9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd80-7d0a-b5a4-3540d4247e5e', 'THROW', 'LEFT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc0-7779-94ca-11b20467d0a9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd80-7223-ab41-50a651d94a6c', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc1-7f67-8bf4-dc7c0a7afec3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd81-7c96-8b44-5c5eb0bc8b4f', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc1-75f0-8cf3-44dc1aab6d6f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd81-793d-8ace-fec59e725b50', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc2-7c72-b48d-0ead7e70b951', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd81-7cf9-9f18-eb43a05d1e6b', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc3-7719-84f0-7602842a1932', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd81-70c2-83d5-f8e6ce3e0eee', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc4-7dab-8b9d-72637028a838', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd82-74e8-bfcd-036f90a7a2ee', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc5-7180-8e64-4cd5ad670680', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd82-7044-b6c5-af32911c3a9a', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc5-72c4-b282-7898884120e3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd82-7cbf-88f5-fbd63ec305da', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc6-766a-b608-210fdabcd515', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd82-7c4f-ae0c-93c7e020b26b', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc6-7420-b9ed-2b9f49941164', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd83-729d-95cd-0e0798e32b49', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc7-7797-ad53-82aab4421b83', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd83-79a9-8922-5c91c0edaefc', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc7-708f-b722-98de9d4e8c3c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd83-7ee1-a8f5-b28935f11444', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc7-7922-b5b5-9020f6ce0210', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd84-7403-92d0-12aa91c31092', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc8-7082-aaff-4c6b7eb07040', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd84-7063-b443-07e71fc7eb7e', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc8-7e6c-ba42-cb9bbdb18e41', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd84-7152-b41f-64237411d3a1', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddc9-7166-ab6d-306112af0687', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd84-7f4d-b626-4fb815496818', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddca-7403-9475-f2a464d4bd74', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd84-78f6-92da-dd22bcb5541f', 'THROW', 'RIGHT', 0);
INSERT INTO public.child_side VALUES ('01a214f6-ddca-79fb-a9cb-667ca696c2f9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd85-7b15-ad0e-510be8331550', 'THROW', 'RIGHT', 0);


--
-- Data for Name: class_person; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.class_person VALUES ('01a214f6-dbe0-79f3-85ee-068f30e63e98', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-d8ea-7867-9d64-2b78d5714f3c');
INSERT INTO public.class_person VALUES ('01a214f6-dca7-76b7-a626-0717cb7557e2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-d8ea-7867-9d64-2b78d5714f3c');
INSERT INTO public.class_person VALUES ('01a214f6-dd5d-7043-a244-0e4fd92a485c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-d8ea-7867-9d64-2b78d5714f3c');
INSERT INTO public.class_person VALUES ('01a214f6-e01c-7f00-9054-071f94484897', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-df74-770e-a19d-9ee289f79449');


--
-- Data for Name: closure; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.closure VALUES ('01a214f6-de54-7b91-91b2-6333d25f7e29', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Mid-term break', '2026-10-26', '2026-10-30', NULL, 0);
INSERT INTO public.closure VALUES ('01a214f6-de5d-7609-a3dc-f48b45e0b670', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Staff training', '2026-12-18', '2026-12-18', NULL, 0);
INSERT INTO public.closure VALUES ('01a214f6-de63-7e85-9151-4e79442b397d', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Term ends at noon', '2027-01-08', '2027-01-08', '12:00:00', 0);


--
-- Data for Name: cue_taught; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.cue_taught VALUES ('01a214f6-eb48-776f-b0ad-9babb7155dec', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'two-hand-catch/watch-it-in', '01a214f6-e07d-761c-aabe-59951e2ab144', '2026-11-11 10:10:00+00');
INSERT INTO public.cue_taught VALUES ('01a214f6-eb4a-7a29-bc7c-78208ebad77f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'underarm-roll/swing-back', '01a214f6-e07d-761c-aabe-59951e2ab144', '2026-11-11 10:10:00+00');
INSERT INTO public.cue_taught VALUES ('01a214f6-ed64-7436-9e57-c6760d530a9e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'two-hand-catch/meet-it', '01a214f6-e080-721c-ad61-0c74f67d4ce7', '2026-11-13 10:10:00+00');
INSERT INTO public.cue_taught VALUES ('01a214f6-ed65-7614-836c-d4603e897c4f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'underarm-roll/eyes-on-target', '01a214f6-e080-721c-ad61-0c74f67d4ce7', '2026-11-13 10:10:00+00');
INSERT INTO public.cue_taught VALUES ('01a214f6-f225-756d-b0e6-91dc0802ff37', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'two-hand-catch/fingers', '01a214f6-e080-74f2-b019-b36d8c50e233', '2026-11-20 10:10:00+00');
INSERT INTO public.cue_taught VALUES ('01a214f6-f226-72b1-967e-5d5057353621', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'two-hand-catch/soften', '01a214f6-e080-74f2-b019-b36d8c50e233', '2026-11-20 10:10:00+00');


--
-- Data for Name: cupboard_item; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.cupboard_item VALUES ('01a214f6-dad6-743b-af4d-48b4185f2f83', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'foam-ball-20', 10, NULL, 0, 4, 'hall cupboard', '2026-11-25 23:07:31.926055+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-dae2-7513-84b3-43ed02cc33fc', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'foam-ball-16', 8, NULL, 0, 0, 'hall cupboard', '2026-11-25 23:07:31.9388+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-dafa-7602-91bb-96e8c00e7604', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'sock-ball', 14, NULL, 0, 0, 'hall cupboard', '2026-11-25 23:07:31.962037+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db07-708a-a60b-08aa434eadc0', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'low-tennis-ball', 12, NULL, 0, 3, 'hall cupboard', '2026-11-25 23:07:31.975727+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db13-70a5-8c4a-bc77f56eecf4', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'tennis-ball', 20, NULL, 0, 0, 'shed, left shelf', '2026-11-25 23:07:31.987952+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db1e-7cc8-997d-10a328c9cff7', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'beanbag', 20, NULL, 0, 0, 'hall cupboard', '2026-11-25 23:07:31.998769+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db2a-7606-9ea0-ea821444288d', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'scarf', 24, NULL, 0, 0, 'hall cupboard', '2026-11-25 23:07:32.010405+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db37-7bde-884f-f542c3840f19', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'skittle', 12, NULL, 0, 1, 'hall cupboard', '2026-11-25 23:07:32.02357+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db42-703e-bdcb-30cf1442a2e3', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'bottle-empty', 24, NULL, 0, 0, 'shed, left shelf', '2026-11-25 23:07:32.034967+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db4e-7e4d-b79d-f648f5a7b70f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'bottle-full', 6, NULL, 0, 0, 'shed, left shelf', '2026-11-25 23:07:32.046041+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db57-7948-90bd-d3533009265a', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'cup', 30, NULL, 0, 0, 'hall cupboard', '2026-11-25 23:07:32.05553+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db5f-7bd3-ba4e-1638da23d4e7', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'cone', 16, NULL, 0, 0, 'shed, left shelf', '2026-11-25 23:07:32.063702+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db6b-7a15-9bb1-6652de246e70', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'spot', 30, NULL, 0, 0, 'hall cupboard', '2026-11-25 23:07:32.075069+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db77-72c8-ac36-7419aac1a870', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'hoop', 8, NULL, 0, 2, 'shed, left shelf', '2026-11-25 23:07:32.087315+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db80-7edc-be37-bde665a9e675', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'rope', 15, NULL, 0, 0, 'shed, left shelf', '2026-11-25 23:07:32.096592+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db88-7ffb-a143-73dd7c039958', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'playground-ball', 4, NULL, 0, 0, 'shed, left shelf', '2026-11-25 23:07:32.105003+00');
INSERT INTO public.cupboard_item VALUES ('01a214f6-db92-7230-8eba-ebf62f8cbc82', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'own-tide-mat', 12, '{"many": "tide mats", "name": "tide mat", "grams": 350.0, "pieces": 1, "traits": ["FLAT"], "widthMm": 400.0, "homeMade": true}', 1, 0, 'hall cupboard', '2026-11-25 23:07:32.141586+00');


--
-- Data for Name: device; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.device VALUES ('01a214f6-ebec-7a7f-8729-19f05e0ab484', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:36.303746+00');
INSERT INTO public.device VALUES ('01a214f6-ee03-7777-ba1b-00db0eaba05e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:36.836792+00');
INSERT INTO public.device VALUES ('01a214f6-f2bb-710a-afa6-542b28703b09', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:38.044628+00');


--
-- Data for Name: enrolment; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.enrolment VALUES ('01a214f6-dc40-72cf-b388-312521648b78', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0b-738e-a54a-4ab2a69aab3e', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc42-7de1-b73f-0d09a6abc427', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0c-78ed-86cd-09b936cf4abf', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc43-76a0-8990-1ff074376fc5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0d-7dab-8535-7c2768d6f2d8', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc44-7e22-af36-57cd76ece979', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0d-7a85-abd8-bd08ee48d91c', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc44-7402-b57e-49786fdba0e2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0d-76e6-a255-2476e0bd32f3', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc45-7f21-adb3-f1c2edd6f118', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0d-725d-bfa5-6257da48e591', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc46-7b2c-b3b9-ec89fad3bb0c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0e-7b34-8937-4e73d4f8fccf', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc46-7c5d-bfc3-3d481565f2fe', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0e-7fed-bae2-c046d03883ab', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc46-74f7-8467-5076d796de67', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0e-7dd0-9851-46be77c99f00', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc47-7bc8-a4a3-03c695635706', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0e-7cad-b7f0-a24f9c6ae33d', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc48-78ad-a4bd-10397f1535cf', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0e-75d0-82fd-5fb1f4568798', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc48-7c1f-97af-bd7cbdc50315', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0f-7b8a-9fda-e889799e4da7', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc49-740a-b2e4-4eff3123651e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0f-7cd9-b225-759d7b5a711b', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4a-7858-910c-d27ba0180724', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0f-743e-8bff-7d57c6b2bfda', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4a-760d-a6d3-0146a456a261', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0f-7a8f-a5cb-28a4a93d68a6', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4b-7279-84ae-db15cdf7251c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0f-71ad-a173-fad9b60299fc', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4c-7175-89ce-2ddb36b2a93f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc0f-73a1-bcb6-f31a2fdd58dc', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4c-7597-b716-3acaabe8e945', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc10-7d54-a4c4-2113fe136283', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4d-7c2d-a105-d1715aaa1b84', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc10-7b44-a298-a8952ea68d2a', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4d-7024-997b-c502fd6a5f54', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc10-7eee-a46f-6456a1a54bd9', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4e-7f81-b0be-9bf6137ccf32', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc10-7261-ae6f-5da14d732db9', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dc4f-7854-a9a4-caad181986e5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-dc12-7a3a-8800-efc7e1a55124', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf2-7c38-9d5d-6454e8d17d54', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcce-794b-bccf-401f794c2a24', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf3-707c-bb3c-b78bb4d2545c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dccf-7726-824a-94b7c05cd53b', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf3-7d90-8f82-60bae6779cef', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dccf-7182-a2ba-f8fc72838710', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf4-7fd3-872f-82a13f217eac', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd0-7404-93e1-e5972574df80', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf4-71b0-b976-233c03d73434', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd0-7067-a65b-2a4a7d23235f', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf5-7f8b-ab2c-b48bd7a4720c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf5-7fcc-a013-96c50fb4d552', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd1-71f0-a8e7-93abfcd6fe34', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf6-7c42-b143-c9f0833e67e0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd1-7590-a688-7e47f2b4956a', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf6-7093-9b34-9b855f5314ac', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf7-7b8e-b637-43303d2ace0b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd2-74e6-a32b-96c371062e7f', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf8-7f5d-88e1-1087d0591526', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd2-77a9-b310-4ca725e8594d', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf8-7c61-a713-5c0803cf59f7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcf9-7d16-9b39-bb1f8dc21f56', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfa-7d47-95e8-b00681c37297', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd3-7c89-96ca-2e9d56a81177', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfa-72ca-abd1-bff4f4589614', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfb-76ad-9243-85f7f484dbff', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfb-7a8e-9600-e29952dcfc53', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfc-7c4d-a47d-73c3ec398691', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd4-7f8d-b036-6a25bdec898f', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfc-7093-9f93-25907305ad08', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd4-710b-bcd1-70d8a5845080', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfd-78d0-91ec-b8b2b1b35a82', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd5-7b51-b66b-750cfb4453ac', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfe-7825-b2c5-c711cf29276d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcfe-72c4-a6ea-06fc0acbcf55', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcff-73c0-a702-c2cf928d199f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd5-7918-89d4-2c34b8564801', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dcff-76be-8086-181a033aeb17', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dd00-79ed-8029-75ad58481d24', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dd00-7ad2-a170-b29bc82989be', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd6-7522-95e0-12cbf4bfa1df', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-dd01-7847-ad49-3b5d90c24ee7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddb7-75df-bfde-c6efbd1c6604', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd7d-78a6-945e-35f8266c6525', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddb7-7efe-9f68-2e7ff3b0ffb2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd7e-74dc-97d2-a8bee9714bf5', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddb9-79d8-9842-b6d77594fe0c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd7e-7f26-b107-21d34a88bc15', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddbb-738d-bdd8-24669a67539e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd7e-7097-ada8-aa2c235fff3b', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddbc-7776-a844-41ee345fe568', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd7f-7ebd-ad5b-f17eddbaad83', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddbc-7e35-a7d3-f93e62dbaeca', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd7f-738f-b344-c185123fc005', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddbd-7d61-887f-0bb07f8f9d13', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd7f-700f-9b81-c65d1ff16461', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddbe-7dca-89b2-a205b6827bd8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd7f-733d-87c6-690e94cf1752', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddbe-73fa-b2a6-e52be7c719c1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd80-7484-a52c-f3529c6ddb5a', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddbf-788f-99de-54176da19aea', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd80-76e5-ad4d-20628abb5724', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc0-74eb-8943-64e425d2f136', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd80-7d0a-b5a4-3540d4247e5e', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc0-7521-b286-4f86aa595ca8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd80-7223-ab41-50a651d94a6c', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc1-7f04-9005-43b8a143f8b2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd81-7c96-8b44-5c5eb0bc8b4f', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc1-7f55-878d-93df4fde5334', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd81-7402-977e-e83d0efcb285', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc2-79a3-8b03-fbf2cffbc12f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd81-793d-8ace-fec59e725b50', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc2-7eb9-8073-037ab13bd7fe', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd81-7cf9-9f18-eb43a05d1e6b', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc3-701a-a56b-55e40ccf97f4', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd81-70c2-83d5-f8e6ce3e0eee', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc4-7bd8-8354-faa7c3255a6d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd82-74e8-bfcd-036f90a7a2ee', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc5-75ad-a893-4c96eaa6fa2e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd82-7044-b6c5-af32911c3a9a', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc5-71a4-97e3-96b30e3ff30f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd82-7cbf-88f5-fbd63ec305da', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc6-70bc-a2f5-c187e441a3d0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd82-7c4f-ae0c-93c7e020b26b', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc6-7a30-9d7a-2d2729bb411e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd83-729d-95cd-0e0798e32b49', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc6-754c-878a-719dc45cef4e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd83-7a81-976d-3406c06e01c3', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc7-73fb-a8e3-6d7045496182', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd83-79a9-8922-5c91c0edaefc', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc7-7c53-9f37-7b32daba807d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd83-7ee1-a8f5-b28935f11444', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc8-7157-aadb-9c1e6136d2b6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd84-7403-92d0-12aa91c31092', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc8-78c7-b532-71cb09d42652', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd84-7063-b443-07e71fc7eb7e', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddc8-788f-ab02-38bd89cab3f5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd84-7152-b41f-64237411d3a1', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddca-72cf-b5e2-54b7fe70b4b3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd84-7f4d-b626-4fb815496818', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddca-727f-becc-72f2ef5d4497', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd84-78f6-92da-dd22bcb5541f', '2026-09-23', NULL, 0);
INSERT INTO public.enrolment VALUES ('01a214f6-ddcb-7082-876a-87edd64a2ee6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-dd85-7b15-ad0e-510be8331550', '2026-09-23', NULL, 0);


--
-- Data for Name: flyway_schema_history; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'bones', 'SQL', 'V1__bones.sql', 1022546159, 'isokinet', '2026-11-25 23:06:57.296071', 174, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'sessions', 'SQL', 'V2__sessions.sql', 1873624569, 'isokinet', '2026-11-25 23:06:57.548678', 21, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'the year', 'SQL', 'V3__the_year.sql', -416002550, 'isokinet', '2026-11-25 23:06:57.589752', 175, true);


--
-- Data for Name: lesson; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.lesson VALUES ('01a214f6-e080-7f53-94a9-55e2cb196442', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', 4, '2026-11-25', 30, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'PLANNED', 0, '10:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-e080-7110-a6ff-dfa7888cf9a6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', 5, '2026-11-27', 30, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'PLANNED', 0, '10:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-e081-70da-a958-a2d9f59a8894', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', 6, '2026-12-02', 30, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'PLANNED', 0, '10:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', 0, '2026-11-11', 30, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'TAUGHT', 1, '10:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', 1, '2026-11-13', 30, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'TAUGHT', 1, '10:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-e080-7e31-8217-29a336022b6e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', 2, '2026-11-18', 30, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'LOST', 1, '10:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', 3, '2026-11-20', 30, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'TAUGHT', 1, '10:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-f683-7c14-9c21-fa075c493c56', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f65d-714c-a6e4-fcd9ffb2720f', 0, '2026-11-25', 40, '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 'PLANNED', 0, '11:00:00');
INSERT INTO public.lesson VALUES ('01a214f6-f683-7bb4-b8eb-9548ab41b8c0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f65d-714c-a6e4-fcd9ffb2720f', 1, '2026-12-02', 40, '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 'PLANNED', 0, '11:00:00');
INSERT INTO public.lesson VALUES ('01a214f6-f684-7c61-9014-6ea969a7b5df', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f65d-714c-a6e4-fcd9ffb2720f', 2, '2026-12-09', 40, '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 'PLANNED', 0, '11:00:00');
INSERT INTO public.lesson VALUES ('01a214f6-f684-7dc2-9478-80f627753c4f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f65d-714c-a6e4-fcd9ffb2720f', 3, '2026-12-16', 40, '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 'PLANNED', 0, '11:00:00');
INSERT INTO public.lesson VALUES ('01a214f6-f9e5-7e91-8cde-78eb7d3fd1db', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f9cb-754b-a354-847b7815526f', 0, '2026-11-25', 25, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'PLANNED', 0, '09:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-f9e6-711d-85a4-bd31ddace2d7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f9cb-754b-a354-847b7815526f', 1, '2026-12-02', 25, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'PLANNED', 0, '09:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-f9e6-7df7-a76f-1329dad6e926', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f9cb-754b-a354-847b7815526f', 2, '2026-12-09', 25, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'PLANNED', 0, '09:10:00');
INSERT INTO public.lesson VALUES ('01a214f6-f9e6-73a7-af61-8e9c7c21407c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f9cb-754b-a354-847b7815526f', 3, '2026-12-16', 25, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'PLANNED', 0, '09:10:00');


--
-- Data for Name: lesson_change; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.lesson_change VALUES ('01a214f6-f13f-727b-b971-747c9654e3a0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e080-7e31-8217-29a336022b6e', 'LOST', 'hall taken for photographs', '{"units": [{"unit": "01a214f6-e020-7489-9c59-a4f3279ab23e", "after": [{"id": "01a214f6-e07d-761c-aabe-59951e2ab144", "state": "TAUGHT", "onDate": "2026-11-11", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 0}, {"id": "01a214f6-e080-721c-ad61-0c74f67d4ce7", "state": "TAUGHT", "onDate": "2026-11-13", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 1}, {"id": "01a214f6-e080-7e31-8217-29a336022b6e", "state": "LOST", "onDate": "2026-11-18", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 2}, {"id": "01a214f6-e080-74f2-b019-b36d8c50e233", "state": "PLANNED", "onDate": "2026-11-20", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 3}, {"id": "01a214f6-e080-7f53-94a9-55e2cb196442", "state": "PLANNED", "onDate": "2026-11-25", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 4}, {"id": "01a214f6-e080-7110-a6ff-dfa7888cf9a6", "state": "PLANNED", "onDate": "2026-11-27", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 5}, {"id": "01a214f6-e081-70da-a958-a2d9f59a8894", "state": "PLANNED", "onDate": "2026-12-02", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 6}], "before": [{"id": "01a214f6-e07d-761c-aabe-59951e2ab144", "state": "TAUGHT", "onDate": "2026-11-11", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 0}, {"id": "01a214f6-e080-721c-ad61-0c74f67d4ce7", "state": "TAUGHT", "onDate": "2026-11-13", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 1}, {"id": "01a214f6-e080-7e31-8217-29a336022b6e", "state": "PLANNED", "onDate": "2026-11-18", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 2}, {"id": "01a214f6-e080-74f2-b019-b36d8c50e233", "state": "PLANNED", "onDate": "2026-11-20", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 3}, {"id": "01a214f6-e080-7f53-94a9-55e2cb196442", "state": "PLANNED", "onDate": "2026-11-25", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 4}, {"id": "01a214f6-e080-7110-a6ff-dfa7888cf9a6", "state": "PLANNED", "onDate": "2026-11-27", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 5}, {"id": "01a214f6-e081-70da-a958-a2d9f59a8894", "state": "PLANNED", "onDate": "2026-12-02", "starts": "10:10:00", "minutes": 30, "spaceId": "01a214f6-d9d3-744f-a9fe-ffc69635b8e4", "position": 6}], "headAfter": "01a214f6-f0f9-7f8f-9b38-daa5a91cd22a", "headBefore": "01a214f6-e9c4-72e8-9590-9ab769497c93"}], "words": ["Lesson 3, Wed 18 Nov, is lost (hall taken for photographs).", "What it was to do goes into the 4 lessons that are left; they were planned again.", "Better: difficulty rises through the unit; a known task returns harder, not the same; children get enough tries.", "Strained: few cues wait for the next unit.", "“Point where it goes” waits for the next unit."]}', 1, '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:37.671314+00', NULL, 0);


--
-- Data for Name: mastery_rule; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: membership; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.membership VALUES ('01a214f6-d9b6-7287-b55f-0edc3e4c5000', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'LEAD', 0, NULL);
INSERT INTO public.membership VALUES ('01a214f6-e019-7dca-a205-f42d05d35819', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-df74-770e-a19d-9ee289f79449', 'ASSISTANT', 0, NULL);


--
-- Data for Name: one_time_link; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: pack_version; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.pack_version VALUES ('74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', NULL, 'starter', 2, '{"kit.yaml": {"items": [{"key": "foam-ball-20", "many": "foam balls (20 cm)", "name": "foam ball (20 cm)", "grams": 200, "width": 200, "traits": ["rolls", "bounces", "soft"]}, {"key": "foam-ball-16", "many": "foam balls (16 cm)", "name": "foam ball (16 cm)", "grams": 130, "width": 160, "traits": ["rolls", "bounces", "soft"]}, {"key": "sock-ball", "many": "sock balls", "name": "sock ball", "grams": 60, "width": 80, "traits": ["rolls", "soft", "grips"], "home-made": true}, {"key": "low-tennis-ball", "many": "low-compression tennis balls", "name": "low-compression tennis ball", "grams": 45, "width": 68, "traits": ["rolls", "bounces", "soft"]}, {"key": "tennis-ball", "many": "tennis balls", "name": "tennis ball", "grams": 58, "width": 67, "traits": ["rolls", "bounces"]}, {"key": "playground-ball", "many": "playground balls", "name": "playground ball", "grams": 360, "width": 210, "traits": ["rolls", "bounces"]}, {"key": "table-tennis-ball", "many": "table-tennis balls", "name": "table-tennis ball", "grams": 2.7, "width": 40, "traits": ["rolls", "bounces"]}, {"key": "paper-ball", "many": "paper balls", "name": "paper ball", "grams": 25, "width": 80, "traits": ["soft", "grips"], "home-made": true}, {"key": "beanbag", "many": "beanbags", "name": "beanbag", "grams": 120, "width": 110, "traits": ["soft", "grips", "flat"]}, {"key": "scarf", "many": "juggling scarves", "name": "juggling scarf", "grams": 9, "width": 400, "traits": ["soft", "grips", "floats"]}, {"key": "skittle", "base": 70, "many": "skittles", "name": "skittle", "grams": 150, "width": 75, "centre": 95, "height": 230, "traits": ["stands"]}, {"key": "bottle-empty", "base": 65, "many": "empty half-litre bottles", "name": "empty half-litre bottle", "grams": 25, "width": 65, "centre": 100, "height": 200, "traits": ["stands"], "home-made": true}, {"key": "bottle-part-filled", "base": 65, "many": "bottles with 100 ml of sand", "name": "bottle with 100 ml of sand", "grams": 185, "width": 65, "centre": 27, "height": 200, "traits": ["stands"], "home-made": true}, {"key": "bottle-full", "base": 65, "many": "full half-litre bottles", "name": "full half-litre bottle", "grams": 525, "width": 65, "centre": 77, "height": 200, "traits": ["stands"], "home-made": true}, {"key": "cup", "base": 75, "many": "paper cups", "name": "paper cup", "grams": 6, "width": 75, "centre": 42, "height": 95, "traits": ["stands"]}, {"key": "cone", "base": 190, "many": "cones", "name": "cone", "grams": 180, "width": 200, "centre": 70, "height": 230, "traits": ["stands"]}, {"key": "spot", "many": "spot markers", "name": "spot marker", "grams": 60, "width": 230, "traits": ["flat"]}, {"key": "hoop", "many": "hoops", "name": "hoop", "grams": 180, "width": 600, "traits": ["flat", "ring"]}, {"key": "rope", "many": "skipping ropes", "name": "skipping rope", "grams": 120, "width": 2400, "traits": ["flat"]}]}, "pack.yaml": {"name": "starter", "title": "Ten skills to begin with", "number": 2}, "cautions.yaml": {"cautions": {"head-up": "Spread out with arms wide before moving, and look where you go.", "one-way": "Everybody rolls or throws the same way; nobody crosses the line before the stop signal, and all fetch together.", "running": "Running ends 3 m before a wall; no paper, ropes or hoops lying where children run.", "airborne": "Soft balls only, and feed to the hands, never to the face.", "loose-balls": "A ball that rolls away stays where it is until the stop signal, or is stopped by a bench.", "throwing-arm": "Few throws at full effort, with rests between; whoever feels the arm stops. Soft balls only indoors.", "standing-things": "Fallen skittles are stood up by one child, kneeling beside the lane, when nobody rolls.", "wall-permission": "Ask before a wall is used; nothing that breaks or marks near it."}}, "crosswalk.yaml": {"links": [{"to": "underarm-roll/eyes-on-target", "from": "underarm-roll/look", "relation": "same"}, {"to": "underarm-roll/step", "from": "underarm-roll/other-foot", "relation": "narrower"}, {"to": "underarm-roll/hand-low", "from": "underarm-roll/down-low", "relation": "same"}, {"to": "two-hand-catch/eyes", "from": "two-hand-catch/watch-it-in", "relation": "narrower"}, {"to": "two-hand-catch/meet-it", "from": "two-hand-catch/reach", "relation": "same"}, {"to": "two-hand-catch/soften", "from": "two-hand-catch/give", "relation": "same"}, {"to": "underarm-throw/look", "from": "underarm-throw/eyes-on-target", "relation": "narrower"}, {"to": "underarm-throw/step", "from": "underarm-throw/other-foot", "relation": "narrower"}, {"to": "underarm-throw/swing-through", "from": "underarm-throw/swing-back", "relation": "narrower"}, {"to": "overarm-throw/turn-sideways", "from": "overarm-throw/side-on", "relation": "narrower"}, {"to": "overarm-throw/step", "from": "overarm-throw/other-foot", "relation": "narrower"}, {"to": "inside-foot-pass/look", "from": "inside-foot-pass/eyes-on-ball", "relation": "narrower"}, {"to": "inside-foot-pass/stop-beside", "from": "inside-foot-pass/beside", "relation": "narrower"}, {"to": "inside-foot-pass/inside", "from": "inside-foot-pass/open-foot", "relation": "narrower"}, {"to": "foot-dribble/tap", "from": "foot-dribble/small-touches", "relation": "narrower"}, {"to": "foot-dribble/keep-near", "from": "foot-dribble/close", "relation": "narrower"}, {"to": "jump-for-distance/bend", "from": "jump-for-distance/crouch", "relation": "narrower"}, {"to": "jump-for-distance/swing", "from": "jump-for-distance/throw-arms", "relation": "narrower"}, {"to": "jump-for-distance/quiet", "from": "jump-for-distance/soft-landing", "relation": "narrower"}, {"to": "kick-for-distance/watch", "from": "kick-for-distance/eyes-on-ball", "relation": "narrower"}, {"to": "kick-for-distance/step-up", "from": "kick-for-distance/stand-beside", "relation": "narrower"}, {"to": "kick-for-distance/big-swing", "from": "kick-for-distance/leg-back", "relation": "narrower"}, {"to": "forearm-pass/low", "from": "forearm-pass/ready-low", "relation": "narrower"}, {"to": "forearm-pass/arms-together", "from": "forearm-pass/platform", "relation": "narrower"}, {"to": "forearm-pass/lift", "from": "forearm-pass/legs-lift", "relation": "narrower"}, {"to": "dodge/look", "from": "dodge/eyes-up", "relation": "narrower"}, {"to": "dodge/low", "from": "dodge/bend-to-turn", "relation": "narrower"}, {"to": "dodge/push", "from": "dodge/outside-foot", "relation": "narrower"}]}, "skills/dodge.yaml": {"key": "dodge", "cues": [{"key": "dodge/eyes-up", "body": "eyes", "call": "Look for gaps", "view": "from the front, where the child runs to", "phase": "ready", "faults": [{"fix": "Say how many fingers you hold up while they run", "seen": "Looks at the feet"}, {"fix": "Name the gap aloud before going", "seen": "Looks only at the chaser"}], "tell-me": "What do you look for while you run?", "from-age": 5, "question": "Do the eyes look ahead, not at the feet, before the turn?"}, {"key": "dodge/bend-to-turn", "body": "knees and hips", "call": "Sink, then go", "view": "from the side", "phase": "wind-up", "faults": [{"fix": "Touch the knee at each corner", "seen": "Runs the turn upright, in a bow"}, {"fix": "Walk it: sink, push, go, without a stand between", "seen": "Stops and stands up before turning"}], "tell-me": "What do your knees do just before you turn?", "from-age": 6, "question": "Do the knees bend and the hips sink in the last step before the turn?"}, {"key": "dodge/outside-foot", "body": "feet", "call": "Push off outside", "view": "from the front", "phase": "action", "faults": [{"fix": "Plant the foot on a spot and push away from it", "seen": "Crosses the feet at the turn"}, {"fix": "Count the steps aloud: one only", "seen": "Three or four small steps to turn"}], "tell-me": "You go left. Which foot pushes?", "from-age": 6, "question": "Does the foot away from the new way push off, in one step?", "prerequisites": ["dodge/bend-to-turn"]}, {"key": "dodge/both-ways", "body": "whole body", "call": "Both ways sharp", "view": "from behind", "phase": "action", "faults": [{"fix": "The caller points to the side that is not liked", "seen": "Always goes the same way"}, {"fix": "Two turns to the weak side for each to the other", "seen": "Slows down for one side"}], "tell-me": "Which way do you like less? Show it.", "from-age": 8, "question": "Is the change as sharp to the left as to the right?", "prerequisites": ["dodge/outside-foot"]}, {"key": "dodge/feint", "body": "head and shoulders", "call": "Look there, go here", "view": "from the front, as the chaser", "phase": "ready", "faults": [{"fix": "Stand, tilt the shoulder, wait one, then go", "seen": "The feet go with the shoulder"}, {"fix": "The partner must say which way it looked", "seen": "The feint is too small to be seen"}], "tell-me": "How did you fool your partner?", "from-age": 8, "question": "Does a look or a shoulder go one way before the feet go the other?", "prerequisites": ["dodge/outside-foot"]}, {"key": "dodge/look", "body": "eyes", "call": "Eyes up", "view": "from the front", "phase": "ready", "faults": [{"fix": "Run towards a raised hand", "seen": "Eyes on the floor"}, {"fix": "Choose the space first", "seen": "Eyes on a friend"}], "tell-me": "Where are your eyes?", "from-age": 4, "question": "Are the eyes up while running?"}, {"key": "dodge/low", "body": "knees", "call": "Get low", "view": "from the side", "phase": "wind-up", "faults": [{"fix": "Pick up a make-believe shell at the corner", "seen": "Straight legs"}, {"fix": "Slower first, with the hands out", "seen": "Falls into the turn"}], "tell-me": "Show me low.", "from-age": 4, "question": "Do the knees bend before the turn?"}, {"key": "dodge/push", "body": "feet", "call": "Push and go", "view": "from the front", "phase": "action", "faults": [{"fix": "Turn at a spot like a corner", "seen": "Runs a round bow"}, {"fix": "Clap at the push, not at the stop", "seen": "Stops first"}], "tell-me": "Which foot pushed?", "from-age": 5, "question": "Does one foot push off hard to the new way?", "prerequisites": ["dodge/low"]}], "name": "Dodge", "sets": [{"key": "dodge/components", "cues": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint"], "kind": "components", "name": "Five components"}, {"key": "dodge/short", "cues": ["dodge/look", "dodge/low", "dodge/push"], "kind": "short", "name": "Three calls"}], "action": "kick", "ladder": "locomotor"}, "activities/roll.yaml": {"activities": [{"how": "No ball. Everyone faces you and copies one slow roll, then rolls in time with the spoken calls, then with the eyes shut. Freeze at the end each time.", "key": "shadow-roll", "ages": [4, 12], "name": "Shadow Roll", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/other-foot", "underarm-roll/step"], "skill": "underarm-roll", "space": {"each": 1.6, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed", "with the eyes shut"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "question": "Which foot is in front when you freeze?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "No ball. Partners stand face to face as a mirror; one rolls in slow motion, the other copies and says which call was missing. Change after five.", "key": "twin-shadows", "odd": "three make a mirror with two copies.", "ages": [5, 12], "name": "Twin Shadows", "rung": 1, "cycle": {"act": 8, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/swing-back", "underarm-roll/hand-low", "underarm-roll/down-low"], "skill": "underarm-roll", "space": {"each": 1.4, "long": 4}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [4, 7], "question": "What did your partner do better the second time?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "A ball each, two paces from the wall. Roll at a mark, take the return low with both hands, set the feet again. Ten, then a pace back.", "key": "wall-returns", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "ages": [4, 12], "name": "Wall Returns", "rung": 2, "cycle": {"act": 3, "back": 3, "fetch": 3, "reset": 0}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/hand-low", "underarm-roll/other-foot", "underarm-roll/down-low", "underarm-roll/step"], "skill": "underarm-roll", "space": {"each": 1.2, "long": 4}, "counts": "a roll that comes straight back to the hands", "layout": "wall", "levers": [{"name": "distance", "steps": ["2 paces", "3 paces", "4 paces", "5 paces"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["wall-permission", "one-way"], "question": "Why does a low hand keep the ball quiet?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "A gate one good stride wide between partners, three paces from each. Roll through it; the partner stops the ball and rolls it back.", "key": "big-gate", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "gate marker", "count": 2, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three the ball goes round, and the one without it calls the cue.", "ages": [4, 9], "name": "Big Gate", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 4}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/eyes-on-target", "underarm-roll/finish", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 1.4, "long": 5}, "counts": "a ball through the gate without touching a marker", "layout": "pairs-gates", "levers": [{"name": "gate", "steps": ["1.2 m wide", "0.9 m wide", "0.6 m wide"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 60, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "Where were your eyes when it went through?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Partners two steps apart roll to each other''s shoes. Ten good ones, then each takes a step back. After a miss a step forward.", "key": "face-to-face-rolls", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "in a three the ball goes round.", "ages": [5, 12], "name": "Face to Face Rolls", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/step", "underarm-roll/down-low"], "skill": "underarm-roll", "space": {"each": 1.2, "long": 6}, "counts": "a roll the partner stops without moving the feet", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m", "6 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "What changes when you are further apart?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three marks in each lane at three, four and five metres. Say which one you aim at, roll so that the ball passes over it, fetch and hand on.", "key": "three-marks", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 2, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "aimed-at", "what": "mark", "count": 3, "width": [150, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Three Marks", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/finish", "underarm-roll/eyes-on-target", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 1.6, "long": 7.5}, "counts": "a ball that passes over the mark that was called", "layout": "lanes-marks", "levers": [{"name": "distance", "steps": ["3 m mark", "4 m mark", "5 m mark"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 60, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "How far can you be and still hit six of ten?", "formation": {"kind": "lanes", "sizes": [2, 3, 5]}}, {"how": "One rolls at a rope laid two metres long, the partner behind it sends the ball back. A hit takes you one line back, a miss one line forward.", "key": "ladder-of-lines", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "odd": "in a three two roll in turn.", "ages": [6, 12], "name": "Ladder of Lines", "rung": 4, "cycle": {"act": 4, "back": 2, "fetch": 2, "reset": 4}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/swing-back", "underarm-roll/hand-low", "underarm-roll/down-low"], "skill": "underarm-roll", "space": {"each": 1.2, "long": 7.5}, "counts": "a ball that crosses the rope between its ends", "layout": "pairs-lines", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m", "6 m"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "Which line is just hard enough for you?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "The partner walks sideways along a line as the buoy. Roll so that the ball and the buoy meet; the buoy stops it, then you change.", "key": "rolling-buoy", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "a three has two buoys, one behind the other.", "ages": [7, 12], "fast": true, "name": "Rolling Buoy", "rung": 5, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 4}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/eyes-on-target", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 2, "long": 7}, "counts": "a ball that reaches the buoy without a change of pace", "layout": "pairs-facing", "levers": [{"name": "buoy", "steps": ["walks slowly", "walks", "jogs"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["head-up", "loose-balls"], "question": "Where do you look, at the buoy or in front of it?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Six skittles as three, two, one. One roll a turn, count what falls; one child kneels beside the lane and stands them up. The lane adds up its score.", "key": "quay-skittles", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls"]}, {"per": "group", "like": "skittle", "role": "toppled", "what": "skittle", "count": 6, "width": [50, 150], "traits": ["stands"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "ages": [4, 12], "name": "Quay Skittles", "rung": 2, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 6}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/hand-low", "underarm-roll/eyes-on-target", "underarm-roll/down-low", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 2, "long": 6.5}, "counts": "a skittle that lies down; two that fall together count two", "layout": "lanes-skittles", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m", "5 m"], "usual": 1}], "phases": ["play"], "set-up": 90, "minutes": [6, 10], "cautions": ["one-way", "standing-things"], "question": "How many are left if four have fallen?", "formation": {"kind": "lanes", "sizes": [3, 4, 6]}}, {"how": "The ball must come to rest in or on the dock. Fewest rolls to five dockings; partners take turns and fetch for each other.", "key": "dock-the-ball", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "dock", "count": 1, "width": [200, 2600], "traits": ["flat"]}], "odd": "a three takes turns round.", "ages": [4, 10], "name": "Dock the Ball", "rung": 2, "cycle": {"act": 4, "back": 3, "fetch": 3, "reset": 2}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/other-foot", "underarm-roll/step"], "skill": "underarm-roll", "space": {"each": 1.4, "long": 5}, "counts": "a ball that stops touching the dock", "layout": "pairs-docks", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m"], "usual": 0}], "phases": ["play"], "set-up": 60, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "How do you make it stop just there?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "A shared game. Each clean exchange moves the tide one step out, each miss one step in. How far out is the whole class after five minutes?", "key": "tide-line", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "a three rolls round; once round counts as one.", "ages": [5, 12], "name": "Tide Line", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 3, "reset": 3}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/other-foot", "underarm-roll/finish", "underarm-roll/step"], "skill": "underarm-roll", "space": {"each": 1.2, "long": 7}, "counts": "there and back without a stop on the way", "layout": "pairs-facing", "levers": [{"name": "start", "steps": ["2 steps apart", "4 steps apart", "6 steps apart"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [6, 10], "cautions": ["loose-balls"], "question": "What helped the tide go out?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Five beacons in a row, a ball''s width and a half apart, counting one to five from the near end. Light them in order; one roll a turn, the lane works together.", "key": "beacon-row", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls"]}, {"per": "group", "like": "skittle", "role": "toppled", "what": "beacon", "count": 5, "width": [50, 150], "traits": ["stands"]}], "ages": [6, 12], "name": "Beacon Row", "rung": 4, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 6}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/down-low"], "skill": "underarm-roll", "space": {"each": 2, "long": 8}, "counts": "the beacon that was next, lying down; others are stood up again", "layout": "lanes-beacons", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m"], "usual": 1}], "phases": ["play"], "set-up": 90, "minutes": [6, 10], "cautions": ["one-way", "standing-things"], "question": "When is it worth rolling softer?", "formation": {"kind": "lanes", "sizes": [3, 4, 6]}}, {"how": "Roll through the gap, run round it and be there before your ball stops; the partner goes next. Pairs add up how often both made it.", "key": "gap-and-go", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "gate marker", "count": 2, "width": [80, 700], "traits": ["flat"]}], "odd": "a three goes one after another.", "ages": [7, 12], "fast": true, "name": "Gap and Go", "rung": 5, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/eyes-on-target", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 2, "long": 8}, "counts": "through the gap and caught up with before it stops", "layout": "pairs-gates", "levers": [{"name": "gap", "steps": ["0.9 m", "0.7 m", "0.5 m"], "usual": 1}], "phases": ["play"], "set-up": 60, "minutes": [6, 10], "cautions": ["head-up", "running", "loose-balls"], "question": "How fast must it roll so that you can catch it up?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}]}, "activities/catch.yaml": {"activities": [{"how": "One thing each. Toss it to the height of the eyes and cup it with both hands in front. Ten, then a little higher, then from a walk.", "key": "drop-and-cup", "kit": [{"per": "child", "like": "foam-ball-16", "role": "sent", "what": "thing to catch", "count": 1, "grams": 260, "width": [60, 420], "traits": ["soft"]}], "ages": [4, 9], "name": "Drop and Cup", "rung": 1, "cycle": {"act": 5, "back": 0, "fetch": 2, "reset": 0}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/eyes", "two-hand-catch/reach"], "shows": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/eyes", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.8, "long": 6}, "counts": "caught with the hands alone, without the chest", "layout": "one-each", "levers": [{"name": "object", "steps": ["scarf", "beanbag", "foam ball", "small ball"], "usual": 2}, {"name": "toss", "steps": ["eye height", "above the head", "with a clap"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [4, 8], "cautions": ["airborne", "head-up"], "question": "Where do your hands wait for it?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Toss, touch a shoulder, catch. Then head, knees, both. The toss has to be as high as the task needs and no higher.", "key": "toss-and-touch", "kit": [{"per": "child", "like": "foam-ball-16", "role": "sent", "what": "thing to catch", "count": 1, "grams": 260, "width": [60, 420], "traits": ["soft"]}], "ages": [5, 12], "name": "Toss and Touch", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 2, "reset": 0}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/give"], "skill": "two-hand-catch", "space": {"each": 1.8, "long": 6, "ceiling": 3}, "counts": "touched and caught", "layout": "one-each", "levers": [{"name": "task", "steps": ["clap once", "touch the head", "touch the knees", "turn half round"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [4, 8], "cautions": ["airborne", "head-up"], "question": "How high must it go to give you time?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "The feeder drops the ball a step in front of the partner from shoulder height; it is caught on the way up. Five each, then the feeder takes a step back and lobs.", "key": "one-bounce-home", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball that bounces", "count": 1, "grams": 400, "width": [60, 260], "traits": ["bounces", "soft"]}], "odd": "a three feeds round.", "ages": [4, 12], "name": "One Bounce Home", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/eyes", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.4, "long": 4}, "counts": "one bounce, then caught with the hands", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["1 step", "2 steps", "3 steps"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["airborne"], "question": "When is the ball slowest?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "An underarm feed to the belt buckle from two steps. Five each, then a step back; then one high, one low, called before it goes.", "key": "soft-feed", "kit": [{"per": "group", "like": "foam-ball-16", "role": "sent", "what": "ball", "count": 1, "grams": 260, "width": [60, 260], "traits": ["soft"]}], "odd": "a three feeds round.", "ages": [5, 12], "name": "Soft Feed", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/reach", "two-hand-catch/give"], "skill": "two-hand-catch", "space": {"each": 1.4, "long": 4.5}, "counts": "caught with the hands alone", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["2 steps", "3 steps", "4 steps", "5 steps"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["airborne"], "question": "What do the elbows do when it lands?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Throw softly underarm at the wall from three paces and catch the return, with one bounce at first, then without.", "key": "wall-and-catch", "kit": [{"per": "group", "like": "low-tennis-ball", "role": "sent", "what": "ball that bounces", "count": 1, "grams": 300, "width": [60, 260], "traits": ["bounces", "soft"]}], "ages": [6, 12], "name": "Wall and Catch", "rung": 4, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 0}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/soften", "two-hand-catch/meet-it", "two-hand-catch/give", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.2, "long": 4}, "counts": "a catch after at most one bounce", "layout": "wall", "levers": [{"name": "bounces", "steps": ["two bounces", "one bounce", "none"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["wall-permission", "airborne"], "question": "How hard must you throw for an easy catch?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "The feeder lobs a step to one side, then the other; the catcher moves the feet first and catches in front of the body. Change after six.", "key": "step-to-it", "kit": [{"per": "group", "like": "foam-ball-16", "role": "sent", "what": "ball", "count": 1, "grams": 260, "width": [60, 260], "traits": ["soft"]}], "odd": "a three has one who calls the side.", "ages": [6, 12], "fast": true, "name": "Step to It", "rung": 5, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 3}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/watch-it-in", "two-hand-catch/eyes"], "skill": "two-hand-catch", "space": {"each": 1.9, "long": 5}, "counts": "caught with both feet on the floor", "layout": "pairs-facing", "levers": [{"name": "side", "steps": ["called before", "not called", "two steps away"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["airborne", "head-up"], "question": "What moves first, feet or hands?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Walk the deck tossing and catching your cargo. At \"wave\" everyone tosses, claps and catches. Cargo that falls overboard is fetched after three star jumps. Longest streak wins.", "key": "hold-the-cargo", "kit": [{"per": "child", "like": "beanbag", "role": "sent", "what": "thing to catch", "count": 1, "grams": 260, "width": [60, 420], "traits": ["soft"]}], "ages": [4, 9], "name": "Hold the Cargo", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 2, "reset": 0}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/watch-it-in", "two-hand-catch/eyes"], "skill": "two-hand-catch", "space": {"each": 1.9, "long": 6}, "counts": "catches in a row without a drop", "layout": "one-each", "levers": [{"name": "deck", "steps": ["standing", "walking", "along the lines"], "usual": 1}], "phases": ["play"], "set-up": 30, "minutes": [5, 9], "cautions": ["airborne", "head-up"], "question": "What was your longest streak?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "The ball must bounce in the bay between you and be caught. Pairs count together against their own best in one minute.", "key": "bounce-bay", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball that bounces", "count": 1, "grams": 400, "width": [60, 260], "traits": ["bounces", "soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "bay", "count": 1, "width": [200, 700], "traits": ["flat"]}], "odd": "a three goes round.", "ages": [5, 12], "name": "Bounce Bay", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/meet-it", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.4, "long": 5}, "counts": "a bounce in the bay and a catch", "layout": "pairs-docks", "levers": [{"name": "distance", "steps": ["1 step", "2 steps", "3 steps"], "usual": 1}], "phases": ["play"], "set-up": 60, "minutes": [6, 10], "cautions": ["airborne"], "question": "How did you beat your own best?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Every partner catch lights a lantern. How long does the class need for a hundred? Then a step back and try to beat the time.", "key": "hundred-lanterns", "kit": [{"per": "group", "like": "foam-ball-16", "role": "sent", "what": "ball", "count": 1, "grams": 260, "width": [60, 260], "traits": ["soft"]}], "odd": "a three passes round.", "ages": [5, 12], "name": "Hundred Lanterns", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/soften", "two-hand-catch/fingers", "two-hand-catch/give"], "skill": "two-hand-catch", "space": {"each": 1.4, "long": 5}, "counts": "a catch by the partner; a drop puts out none", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["2 steps", "3 steps", "4 steps"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [6, 10], "cautions": ["airborne"], "question": "How many catches is that for each pair?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "One is the light and shows a hand high, low, left or right; the feed goes there and is caught. Three lights caught and you change; pairs count lights.", "key": "harbour-lights", "kit": [{"per": "group", "like": "foam-ball-16", "role": "sent", "what": "ball", "count": 1, "grams": 260, "width": [60, 260], "traits": ["soft"]}], "odd": "in a three one shows, one feeds, one catches.", "ages": [6, 12], "name": "Harbour Lights", "rung": 4, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.5, "long": 5}, "counts": "caught where the light was shown", "layout": "pairs-facing", "levers": [{"name": "lights", "steps": ["two places", "four places", "shown late"], "usual": 1}], "phases": ["play"], "set-up": 40, "minutes": [6, 10], "cautions": ["airborne"], "question": "What told you early where it would come?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}]}, "activities/dodge.yaml": {"activities": [{"how": "On the spot, feet wide. Lean the boat over one leg, knee bent, and push back to the middle; then over the other. Slowly, then in time with the calls.", "key": "heel-of-the-boat", "ages": [4, 12], "name": "Heel of the Boat", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/bend-to-turn", "dodge/outside-foot", "dodge/low", "dodge/push"], "skill": "dodge", "space": {"each": 1.8, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed", "with the eyes on a friend"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "cautions": ["head-up"], "question": "Which leg held you, and which way did it push?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Walk. At \"tack\" sink, push off the outside foot and walk the new way that the hand points. One step to turn, no more.", "key": "tacking-drill", "ages": [5, 12], "name": "Tacking Drill", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/low", "dodge/push", "dodge/eyes-up", "dodge/look"], "shows": ["dodge/outside-foot", "dodge/both-ways", "dodge/push", "dodge/low"], "skill": "dodge", "space": {"each": 1.8, "long": 6}, "layout": "clear", "levers": [{"name": "pace", "steps": ["walk", "brisk walk", "jog"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "cautions": ["head-up"], "question": "How many steps did your turn take?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Jog; at the signal sink and hold the corner for two counts: outside foot planted, knees bent, eyes the new way. Then push and go. A friend may say which foot it is.", "key": "freeze-the-corner", "ages": [5, 12], "name": "Freeze the Corner", "rung": 2, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/bend-to-turn", "dodge/outside-foot", "dodge/low"], "skill": "dodge", "space": {"each": 2, "long": 8}, "layout": "clear", "levers": [{"name": "hold", "steps": ["two counts", "one count", "no hold"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 8], "cautions": ["head-up", "running"], "question": "Is your planted foot inside or outside?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Four spots three steps apart in a zigzag. Jog from one to the next, plant beside it and push away; the partner counts corners with one step. Change after two rounds.", "key": "four-spot-turns", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "spot", "count": 4, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three the third counts the corners to the left.", "ages": [5, 12], "name": "Four Spot Turns", "rung": 2, "cycle": {"act": 8, "back": 2, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/outside-foot", "dodge/bend-to-turn", "dodge/push", "dodge/both-ways"], "skill": "dodge", "space": {"each": 2.4, "long": 6}, "counts": "a corner turned with one step", "layout": "scatter-spots", "levers": [{"name": "pace", "steps": ["walk", "jog", "run"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["head-up"], "question": "Which corner is the hardest, and why?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Run the channel round five buoys, one sharp push at each, and walk back outside. The next starts when you pass the third.", "key": "zigzag-channel", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "spot", "count": 5, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Zigzag Channel", "rung": 3, "cycle": {"act": 8, "back": 6, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/bend-to-turn", "dodge/both-ways", "dodge/outside-foot", "dodge/low"], "skill": "dodge", "space": {"each": 2.4, "long": 9}, "counts": "a run with a sharp push at every buoy", "layout": "lanes-buoys", "levers": [{"name": "buoys apart", "steps": ["3 steps", "2 steps", "uneven"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["running", "head-up"], "question": "Were you slower at the left ones or the right ones?", "formation": {"kind": "lanes", "sizes": [2, 3, 5]}}, {"how": "Run towards the caller, who points left or right when you are three steps away: push off and go. Walk round the edge back. Groups start one after the other.", "key": "call-the-wind", "ages": [5, 12], "name": "Call the Wind", "rung": 3, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/eyes-up", "dodge/outside-foot", "dodge/look", "dodge/push"], "skill": "dodge", "space": {"each": 2.2, "long": 8}, "layout": "clear", "levers": [{"name": "call", "steps": ["early", "late", "very late"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 8], "cautions": ["running", "head-up"], "question": "When did you have to look up?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Half stand as piers with the arms down, half run through the gaps and change direction at every pier. Count gaps for thirty seconds; then change over.", "key": "gaps-in-the-pier", "odd": "the odd one keeps the time and changes in.", "ages": [5, 12], "name": "Gaps in the Pier", "rung": 4, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/eyes-up", "dodge/both-ways", "dodge/look", "dodge/push"], "skill": "dodge", "space": {"each": 2, "long": 8}, "counts": "a gap run through without a touch", "layout": "clear", "levers": [{"name": "piers", "steps": ["stand still", "take one step", "turn round slowly"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [5, 9], "cautions": ["running", "head-up"], "question": "How did you choose the next gap?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "A keeper stands between two gates. Run up, show one gate with head and shoulder, go through the other. The keeper only moves sideways and does not touch. Change after five.", "key": "two-gates", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "spot", "count": 4, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three two run in turn.", "ages": [7, 12], "name": "Two Gates", "rung": 4, "cycle": {"act": 6, "back": 4, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/feint", "dodge/outside-foot", "dodge/push"], "skill": "dodge", "space": {"each": 2.6, "long": 6}, "counts": "a run through the gate that the keeper left", "layout": "pairs-gates", "levers": [{"name": "keeper", "steps": ["walks", "side-steps", "side-steps and starts nearer"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["head-up"], "question": "What did the keeper believe?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Face to face, four steps apart. One walks in, feints and passes on one side; the other says \"left\" or \"right\" as soon as it is sure. Late answers are points for the runner. Change after five.", "key": "read-the-shoulders", "odd": "in a three two read.", "ages": [8, 12], "name": "Read the Shoulders", "rung": 4, "cycle": {"act": 6, "back": 2, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/feint", "dodge/bend-to-turn", "dodge/low"], "skill": "dodge", "space": {"each": 2.2, "long": 5}, "counts": "a pass that the partner called wrong or late", "layout": "pairs-facing", "levers": [{"name": "pace", "steps": ["walk", "jog", "run"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 8], "cautions": ["head-up"], "question": "What gave you away?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Two spots four steps apart, the runner on one side and the guard on the other. Touch a spot with the foot before the guard does: look at one, go to the other. Five goes, then change.", "key": "slip-the-guard", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "spot", "count": 2, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three two guard in turn, and the third says which shoulder lied.", "ages": [7, 12], "name": "Slip the Guard", "rung": 5, "cycle": {"act": 6, "back": 4, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/feint", "dodge/outside-foot", "dodge/both-ways", "dodge/push"], "skill": "dodge", "space": {"each": 2.6, "long": 7}, "counts": "a spot touched before the guard", "layout": "pairs-gates", "levers": [{"name": "spots apart", "steps": ["4 steps", "5 steps", "6 steps"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 20, "minutes": [5, 9], "cautions": ["head-up"], "question": "Did the guard watch your eyes, your shoulders or your hips?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Everyone is a boat and runs. A near miss under two steps costs both a slow circle on the spot. How many turns without a circle in a minute? Three rounds; beat your own number.", "key": "steer-clear", "ages": [4, 9], "name": "Steer Clear", "rung": 3, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/look", "dodge/low"], "skill": "dodge", "space": {"each": 2.2, "long": 8}, "counts": "a turn away from another boat with no circle", "layout": "clear", "levers": [{"name": "harbour", "steps": ["the whole floor", "two thirds", "half"], "usual": 0}], "phases": ["play"], "set-up": 0, "minutes": [5, 8], "cautions": ["running", "head-up"], "question": "What did the boats with no circles do?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "The seal has ten seconds to get away from its shadow; at the signal both freeze. Could the shadow touch the seal with one step? Then it wins the round. Change each time.", "key": "shadow-and-seal", "odd": "in a three there is one seal with two shadows, and all take turns.", "ages": [6, 12], "name": "Shadow and Seal", "rung": 4, "cycle": {"act": 10, "back": 5, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/feint", "dodge/outside-foot", "dodge/both-ways", "dodge/push"], "skill": "dodge", "space": {"each": 2.4, "long": 8}, "counts": "a round that ends out of reach", "layout": "clear", "levers": [{"name": "time", "steps": ["6 s", "10 s", "15 s"], "usual": 1}], "phases": ["play"], "set-up": 0, "minutes": [5, 9], "cautions": ["running", "head-up"], "question": "Which change shook the shadow off?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "One guard keeps to a strip across the lane and touches below the shoulder with a flat hand. The others run through one at a time, walk back outside and go again. Touched or not, count the passages; a new guard each minute.", "key": "run-the-narrows", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "spot", "count": 4, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Run the Narrows", "rung": 5, "cycle": {"act": 6, "back": 6, "fetch": 0, "reset": 0}, "hosts": ["dodge/eyes-up", "dodge/bend-to-turn", "dodge/outside-foot", "dodge/both-ways", "dodge/feint", "dodge/look", "dodge/low", "dodge/push"], "shows": ["dodge/feint", "dodge/eyes-up", "dodge/outside-foot", "dodge/look", "dodge/push"], "skill": "dodge", "space": {"each": 3.4, "long": 9}, "counts": "a passage without a touch", "layout": "lanes-channel", "levers": [{"name": "strip", "steps": ["narrow", "wide", "two guards"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [6, 10], "cautions": ["running", "head-up"], "question": "When did you make your move: early or late?", "formation": {"kind": "lanes", "sizes": [4, 5, 6]}}]}, "activities/talks.yaml": {"activities": [{"how": "Sit in a half-moon with the wall behind you. Say what today is for, show the whole movement once at full speed, then once slowly.", "key": "harbour-talk", "ages": [4, 12], "name": "Harbour Talk", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What did you see the arm do first?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Two hands up for something they know about today''s skill, one hand for something they want to find out. Keep one of each for the end.", "key": "know-and-wonder", "ages": [6, 12], "name": "Know and Wonder", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What would you like to be able to do by the end?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Sit with the wall behind you. Name the three stops of the lesson on three fingers; the class says them back. Show the end of the lesson first: this is where we are going.", "key": "chart-for-today", "ages": [4, 12], "name": "Chart for Today", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What is the second stop?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Say one call, the children say it back and show it sitting or standing, three calls in all. Then say them in the wrong order and let the class put it right.", "key": "say-it-back", "ages": [4, 12], "name": "Say It Back", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "Which one comes first?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Show the movement once right and once with one thing wrong. Hands up for what was wrong, then hands up for why it matters. Two answers are enough; show it right again.", "key": "hands-up-for-why", "ages": [6, 12], "name": "Hands Up for Why", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "Why does it go wrong when that is missing?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Think of one thing you know of this skill, one you want, and leave a line for what you learn. Tell a neighbour the second. Three are said aloud and kept for the end.", "key": "one-page-wanted", "ages": [7, 12], "name": "One Page, Wanted", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What will you write on the third line?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Show the whole movement without a word, twice. The children say which of last lesson’s calls they saw; show it again with that call left out, and let them find it.", "key": "spot-the-call", "ages": [5, 12], "name": "Spot the Call", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "Which call was missing?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Ask two children, one who uses the right side and one who uses the left, to show the movement slowly, side by side. The others say what is the same.", "key": "two-demonstrators", "ages": [5, 12], "name": "Two Demonstrators", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What is the same on both sides?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Show the movement once from the front and once from the side. Which call could only be seen from the side? That is where a partner stands today.", "key": "where-to-stand", "ages": [7, 12], "name": "Where to Stand", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "Where must a partner stand to see it?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Say the stop signal, the gathering place and the line nobody crosses; try the signal once while they are moving. Then one sentence about what today is for, and go.", "key": "rule-of-the-quay", "ages": [4, 12], "name": "Rule of the Quay", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What do you do when you hear the signal?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Say three things about the game at the end of the lesson: how it is won, what is thrown or moved, how many play. The class guesses the skill that it needs most.", "key": "guess-the-game", "ages": [5, 12], "name": "Guess the Game", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What will help you most in that game?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Recall the last lesson: thumbs up for a call that got better, level for the same, a fist for not yet. Look round: the fists are where today’s time goes.", "key": "better-or-not-yet", "ages": [6, 12], "name": "Better or Not Yet", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "Which call got the most fists?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Show the movement as a row of four still pictures. The children make each picture with you, sitting or standing, and then run them together.", "key": "slow-picture", "ages": [4, 10], "name": "Slow Picture", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "Which picture comes last?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Say what the body must do in a whole sentence; let the class find one or two words for it. The best are called out today beside the usual ones.", "key": "word-for-it", "ages": [6, 12], "name": "A Word for It", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "Which word makes you do it without thinking?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}]}, "activities/closes.yaml": {"activities": [{"how": "Named helpers bring the kit in while the others walk slower and slower round the edge until they sit. Hold one stretch a side for eight counts without bouncing. Close with one thing learnt.", "key": "slow-tide", "ages": [4, 12], "name": "Slow Tide", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What will you try again at home?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Each group carries its own kit to its mooring, then sits in a line and breathes out slowly three times. Close by saying the calls back together.", "key": "moor-the-boats", "ages": [4, 12], "name": "Moor the Boats", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "Which call helped you most today?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Walk the kit back without a sound. Lie or sit, tense and let go of hands, arms and legs in turn. Close with thumbs for hardest and most fun.", "key": "quiet-sands", "ages": [4, 12], "name": "Quiet Sands", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What was hardest, and what made it easier?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Helpers bring the kit in. The others reach up for a sail and roll it down slowly, breathing out, three times. Sit; each side says one thing that got easier.", "key": "furl-the-sails", "ages": [4, 12], "name": "Furl the Sails", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What was easier at the end than at the start?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Helpers put the kit away by kind. The others walk slower each round and sit when their lamp goes out. Hold a calf and a shoulder for eight counts each, without bouncing. One call is said by all.", "key": "lamps-out", "ages": [4, 12], "name": "Lamps Out", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "Which call would you teach a friend?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Kit in, named helpers first. Sit in the groups you worked in; each tells the one beside them one thing for the log: something done, something learnt. Two are read to all.", "key": "log-of-the-day", "ages": [6, 12], "name": "Log of the Day", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What goes into the log today?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Kit in as you pass the cupboard. Stand, breathe in as the arms float up, out as they sink; each breath slower than the last. Sit down on the fifth. Fingers show how many calls you remember.", "key": "ebb-breath", "ages": [4, 12], "name": "Ebb Breath", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "How many calls did your fingers show?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "The helpers count the kit aloud into the box and the class says whether it is all there. Then slow stretches to the left and the right for eight counts. One question, three answers.", "key": "count-it-home", "ages": [5, 12], "name": "Count It Home", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "Is everything back, and how do you know?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Kit in. Lie or sit as driftwood: heavy legs, heavy arms, quiet face; the water moves you a little and leaves you. Sit up slowly and say one call in a whisper.", "key": "driftwood", "ages": [4, 10], "name": "Driftwood", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "Which part of you worked hardest?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Kit in by groups. Walk, sit, and hold a stretch for the part that worked most, eight counts a side. Ask three questions; the answer is a finger on the part of the body.", "key": "point-to-the-part", "ages": [4, 12], "name": "Point to the Part", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "Which part starts the movement? Point to it.", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Each puts away one thing that they did not bring out. Walk, breathe, sit in pairs; say one thing the partner did well, and the call it belongs to.", "key": "good-turn", "ages": [6, 12], "name": "Good Turn", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What did your partner do well?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Kit in. Show the skill once at full speed, once at half, once as slow as the tide, without any kit. Sit. Thumbs for which was the hardest to keep right.", "key": "three-tides", "ages": [5, 12], "name": "Three Tides", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "Why is slow sometimes harder?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Helpers bring the kit in, the rest walk two slow rounds. Sit; say what was wanted at the start of the lesson and whether it was reached. Choose the next port: one thing to do better next time.", "key": "next-port", "ages": [7, 12], "name": "Next Port", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What do you want to be able to do next time?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Kit in without a word. Stand on one leg for eight slow counts, then on the other; sit with crossed legs and let the breath settle. One child shows a call and the others say it.", "key": "still-water", "ages": [4, 12], "name": "Still Water", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What helped you to stand still?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}]}, "activities/warm-ups.yaml": {"activities": [{"how": "Glide about the floor as gulls. At \"wave\" everyone sinks low and rises with a big underarm swing, saying last lesson''s calls aloud. Slow, then quicker.", "key": "gull-waves", "ages": [4, 12], "name": "Gull Waves", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which call did we say first?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Climb an imaginary rope ladder on the spot, walk the deck, jog the quay. At each stop a partner nearby says one call from last time and both show it.", "key": "rope-ladder", "ages": [5, 12], "name": "Rope Ladder", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Tell the one beside you the call you find hardest.", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Hold up one, two or three fingers; the children skip, side-step or walk backwards and answer with the call that has that number. Change quickly.", "key": "flags-up", "ages": [4, 10], "name": "Flags Up", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which call has number two?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Jog between friends. \"Mast\" is tall on the toes with the arms up, \"anchor\" is low with bent knees and a hand near the floor. Hold each for three slow counts.", "key": "mast-and-anchor", "ages": [4, 12], "name": "Mast and Anchor", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "What bends when you are the anchor?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Number the four edges of the floor low, half, high and spring. Call a tide: walk there, then jog, then skip. On the way each child says one call from last time.", "key": "tide-tables", "ages": [4, 12], "name": "Tide Tables", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which edge did you reach by the fewest steps?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Thread in and out of each other without a touch, as if mending one great net. At the clap stand still and mend a hole: show a call from last time, big and slow.", "key": "net-menders", "ages": [4, 10], "name": "Net Menders", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "How do you find the gaps early?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Crabs side-step low, cormorants stretch tall and beat their wings. Swap at the call; at \"both\" go down, up and down again. Finish with the first call of last lesson, done five times.", "key": "crab-or-cormorant", "ages": [4, 10], "name": "Crab or Cormorant", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which of the two warms the legs more?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "One child at the edge starts a movement; the next lights up with it, and so round the room. Five beacons, each quicker than the last; the last is a call from last time.", "key": "beacon-chain", "ages": [6, 12], "name": "Beacon Chain", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up"], "question": "How did you see it was your turn?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Call times: on the hour a jump, half past a half turn, quarter past a hop on each foot. Between times everyone jogs. End with the calls of last lesson at ten to, five to, and sailing.", "key": "ferry-timetable", "ages": [5, 12], "name": "Ferry Timetable", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which time made you breathe fastest?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "One leads, one follows as a shadow two steps behind: jog, side-step, turn, stop. Change at the signal. The follower names the call that the leader shows at each stop.", "key": "shadow-pilot", "odd": "in a three two shadows follow the one pilot.", "ages": [5, 12], "name": "Shadow Pilot", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "What made your pilot easy to follow?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Move slowly with heads up: the mist is thick. As it lifts, move a little faster, until at \"clear\" everybody jogs. When it falls again, slow down and show a call without a word.", "key": "sea-mist", "ages": [6, 12], "name": "Sea Mist", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "How did you know where the others were?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Wind a winch with big arm circles, forward and back; then hook a crate: reach low to the left and right with bent knees. Jog once round the floor between them. Add one call from last time each round.", "key": "winch-and-hook", "ages": [5, 12], "name": "Winch and Hook", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up"], "question": "What do your knees do when you reach low?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Stand as buoys: sway, shift the weight from foot to foot, stand on one leg. At the bell jog to a new place. Each time the sway grows into a call from last time.", "key": "bell-buoys", "ages": [4, 10], "name": "Bell Buoys", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which foot did you stand on longest?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Point where the wind blows: all drift that way, side-on, backwards for three steps, then forwards. At \"lull\" stop with both feet and say a call together.", "key": "turn-with-the-wind", "ages": [4, 12], "name": "Turn with the Wind", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "What do you look at before you go backwards?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Jog; call a number and a part of the body: five taps of the heels, four arm swings, three low bends. The last round is the number of calls from last time; say each one.", "key": "count-the-catch", "ages": [6, 12], "name": "Count the Catch", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which number came up most?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "You turn as the light. While your back is to them the children creep closer, tall or low; when the light comes round they freeze on two feet. Three sweeps, a new way of moving each, then one call frozen.", "key": "lighthouse-keeper", "ages": [4, 9], "name": "Lighthouse Keeper", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up"], "question": "How did you stop so fast?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Face a partner as in still water. One moves slowly: reach, bend, swing, turn; the other is the mirror. Change. Both then show the calls of last lesson at half speed.", "key": "mirror-pools", "odd": "in a three two mirror one.", "ages": [5, 12], "name": "Mirror Pools", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up"], "question": "Is your mirror using the same arm or the other one?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Long steps over make-believe rocks, soft and quiet; then quick short ones; then from one foot to the other with a stand between. Last time, each landing is a call.", "key": "rock-to-rock", "ages": [4, 12], "name": "Rock to Rock", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "What keeps you from wobbling?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Walk, jog, skip, gallop at the word; but only when the hand goes up as well. Those who were too early just go on. At the end the hand asks for calls from last time.", "key": "pilot-says-when", "ages": [5, 11], "name": "Pilot Says When", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Did you listen or look?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Lift a make-believe crate: feet apart, bend the knees, straight back, up; carry it ten jogging steps, put it down softly. A heavier one each time. The last crate holds a call: show it.", "key": "cargo-lift", "ages": [6, 12], "name": "Cargo Lift", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "What did the lifting?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Climb on the spot: knees high, hands high, slowly, then steadily, then slowly again. Between climbs walk a circle and shake out. At the top call out one thing to do today.", "key": "up-the-rigging", "ages": [5, 12], "name": "Up the Rigging", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "question": "Can you still talk while you climb?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Partners stand two steps apart. At the signal change places by side-steps, by skipping, by turning half way. Each swap ends with a call that the two show together.", "key": "swap-moorings", "odd": "in a three all move one place round.", "ages": [5, 12], "name": "Swap Moorings", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "How did you pass without touching?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Thumbs tell the weather: down is slow and low, level is a jog, up is tall and bouncy. Move through all three twice; then the class chooses a call from last time for each.", "key": "weather-glass", "ages": [4, 12], "name": "Weather Glass", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which weather felt warmest?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Move without a sound: on the toes, low, round corners. At the lantern jog to the nearest line and back. Whisper a call from last time, show it loud with the body.", "key": "smugglers-steps", "ages": [6, 12], "name": "Smugglers’ Steps", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "What makes a step quiet?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}]}, "skills/foot-dribble.yaml": {"key": "foot-dribble", "cues": [{"key": "foot-dribble/small-touches", "body": "feet", "call": "Little and often", "view": "from the side", "phase": "action", "faults": [{"fix": "Keep the ball inside a hoop that walks along", "seen": "One big kick, then a run"}, {"fix": "Whisper a touch to each step", "seen": "Stops at every touch"}], "tell-me": "How many touches from here to the wall?", "from-age": 5, "question": "Is the ball touched at every second step or more often?"}, {"key": "foot-dribble/close", "body": "ball", "call": "On a short lead", "view": "from the front", "phase": "action", "faults": [{"fix": "Dribble at the pace of a snail", "seen": "The ball runs ahead"}, {"fix": "Nudge it with the front of the shoe", "seen": "Trodden on the ball"}], "tell-me": "How far may the ball be away?", "from-age": 5, "question": "Does the ball stay within a step of the feet?", "prerequisites": ["foot-dribble/small-touches"]}, {"key": "foot-dribble/both-sides", "body": "feet", "call": "Inside, outside", "view": "from the front", "phase": "action", "faults": [{"fix": "Put a sticker on either side of the shoe", "seen": "Only the toe touches"}, {"fix": "Zigzag along a line without turning the shoulders", "seen": "Turns the whole body to steer"}], "tell-me": "Which side of the foot turns it left?", "from-age": 6, "question": "Are the inner and the outer side of the {kicking foot} used to steer?", "prerequisites": ["foot-dribble/close"]}, {"key": "foot-dribble/knees-soft", "body": "knees", "call": "Soft knees", "view": "from the side", "phase": "ready", "faults": [{"fix": "Carry a make-believe tray in front", "seen": "Leans back"}, {"fix": "Dribble under a low ceiling", "seen": "Runs on straight legs"}], "tell-me": "Why does leaning back lose the ball?", "from-age": 6, "question": "Are the knees bent and the body a little over the ball?"}, {"key": "foot-dribble/look-up", "body": "eyes", "call": "Peek up", "view": "from the front", "phase": "action", "faults": [{"fix": "Say the number the teacher shows", "seen": "Stares at the ball"}, {"fix": "Walk first, then jog", "seen": "Looks up and loses the ball"}], "tell-me": "What did you see while the ball rolled?", "from-age": 7, "question": "Do the eyes come up between touches?", "prerequisites": ["foot-dribble/close"]}, {"key": "foot-dribble/tap", "body": "feet", "call": "Tap tap", "view": "from the side", "phase": "action", "faults": [{"fix": "Pretend the ball is asleep", "seen": "Kicks it away"}, {"fix": "Tap with the laces", "seen": "Pushes it with the sole"}], "tell-me": "Show me a soft tap.", "from-age": 4, "question": "Does the child tap the ball softly?"}, {"key": "foot-dribble/keep-near", "body": "ball", "call": "Keep it near", "view": "from the front", "phase": "action", "faults": [{"fix": "Walk instead of running", "seen": "It is out of reach"}, {"fix": "Put the foot on top", "seen": "Uses the hands"}], "tell-me": "Where is your ball when I clap?", "from-age": 4, "question": "Can the child stop the ball within two steps at the signal?", "prerequisites": ["foot-dribble/tap"]}, {"key": "foot-dribble/see-ahead", "body": "eyes", "call": "Look ahead", "view": "from the front", "phase": "action", "faults": [{"fix": "Call the colour of a wall", "seen": "Bumps into others"}, {"fix": "Look at your friend''s shoes, not yours", "seen": "Stares down"}], "tell-me": "Who is in front of you?", "from-age": 5, "question": "Does the child look where it is going?"}], "name": "Foot dribble", "sets": [{"key": "foot-dribble/components", "cues": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up"], "kind": "components", "name": "Five components"}, {"key": "foot-dribble/short", "cues": ["foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "kind": "short", "name": "Three calls"}], "action": "kick", "ladder": "travelling"}, "skills/forearm-pass.yaml": {"key": "forearm-pass", "cues": [{"key": "forearm-pass/ready-low", "body": "knees and feet", "call": "Low and wide", "view": "from the side", "phase": "ready", "faults": [{"fix": "Touch the floor with one hand until the ball is tossed", "seen": "Stands upright and waits"}, {"fix": "Stand on two spots", "seen": "Feet together"}], "tell-me": "Show me how you wait for the ball.", "from-age": 7, "question": "Are the feet a shoulder apart and the knees bent before the ball comes?"}, {"key": "forearm-pass/platform", "body": "arms", "call": "One flat table", "view": "from the front", "phase": "ready", "faults": [{"fix": "Press the elbows towards each other and point the thumbs at the floor", "seen": "Bent elbows"}, {"fix": "Wrap one hand in the other first", "seen": "Hands apart"}], "tell-me": "Which part of your arms is the table?", "from-age": 7, "question": "Are the arms straight and together, with the thumbs side by side?"}, {"key": "forearm-pass/forearms", "body": "arms", "call": "On the forearms", "view": "from the side", "phase": "release", "faults": [{"fix": "Draw a line above the wrist with a finger", "seen": "Hit with the hands"}, {"fix": "Move so that the ball drops in front of the nose", "seen": "On one arm only"}], "tell-me": "Where did you feel the ball?", "from-age": 7, "question": "Does the ball meet both forearms above the wrists?", "prerequisites": ["forearm-pass/platform"]}, {"key": "forearm-pass/legs-lift", "body": "legs", "call": "Legs do the lifting", "view": "from the side", "phase": "action", "faults": [{"fix": "Keep the arms below a rope at chest height", "seen": "The arms swing up past the shoulders"}, {"fix": "Sit and stand with each ball", "seen": "No move at all: the ball dies"}], "tell-me": "What sends the ball up?", "from-age": 8, "question": "Do the legs stretch to lift the ball, while the arms hardly swing?", "prerequisites": ["forearm-pass/ready-low", "forearm-pass/forearms"]}, {"key": "forearm-pass/face-target", "body": "arms and shoulders", "call": "Show it your table", "view": "from behind, in line with the target", "phase": "follow-through", "faults": [{"fix": "Freeze, and look along the arms", "seen": "The arms tilt to one side"}, {"fix": "Let the toes and the table point the same way", "seen": "The shoulders turn away"}], "tell-me": "Where did your table look?", "from-age": 8, "question": "Does the flat of the arms face the target after the ball has gone?", "condition": "target", "prerequisites": ["forearm-pass/forearms"]}, {"key": "forearm-pass/low", "body": "knees", "call": "Get low", "view": "from the side", "phase": "ready", "faults": [{"fix": "Touch the knees first", "seen": "Straight legs"}, {"fix": "Look at the ball, sit a little", "seen": "Bends the back"}], "tell-me": "Show me low.", "from-age": 6, "question": "Are the knees bent before the ball comes?"}, {"key": "forearm-pass/arms-together", "body": "arms", "call": "Arms together", "view": "from the front", "phase": "ready", "faults": [{"fix": "Hold a beanbag between the wrists", "seen": "Arms apart"}, {"fix": "Reach for the floor", "seen": "Elbows bend"}], "tell-me": "Show me the table.", "from-age": 6, "question": "Are both arms straight and together?"}, {"key": "forearm-pass/lift", "body": "legs", "call": "Lift", "view": "from the side", "phase": "action", "faults": [{"fix": "Stand up with the ball", "seen": "Swings the arms"}, {"fix": "Feet stay on the floor", "seen": "Jumps"}], "tell-me": "What lifts it?", "from-age": 6, "question": "Do the legs help to lift the ball?", "prerequisites": ["forearm-pass/low"]}], "name": "Forearm pass", "sets": [{"key": "forearm-pass/components", "cues": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target"], "kind": "components", "name": "Five components"}, {"key": "forearm-pass/short", "cues": ["forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "kind": "short", "name": "Three calls"}], "action": "throw", "ladder": "sending"}, "skills/overarm-throw.yaml": {"key": "overarm-throw", "cues": [{"key": "overarm-throw/side-on", "body": "hips and shoulders", "call": "Side to the target", "view": "from the front", "phase": "ready", "faults": [{"fix": "Stand with both feet along a line that runs across the throw", "seen": "Faces the target"}, {"fix": "Point at the target with the {opposite hand}", "seen": "Turns away from the target"}], "tell-me": "Which shoulder looks at the target?", "from-age": 5, "question": "Does the child stand sideways, with the shoulder of the free arm towards the target?"}, {"key": "overarm-throw/eyes-on-target", "body": "eyes", "call": "Eyes on it", "view": "from the front, beside the target", "phase": "ready", "faults": [{"fix": "Find the target over the pointing hand", "seen": "Looks at the ball in the hand"}, {"fix": "Tell what you saw hit the target", "seen": "The head drops as the arm comes"}], "tell-me": "What do you see over your pointing hand?", "from-age": 4, "question": "Do the eyes stay on the target through the whole throw?", "condition": "target"}, {"key": "overarm-throw/arm-back", "body": "arm", "call": "Down, back, up", "view": "from the {throwing side}", "phase": "wind-up", "faults": [{"fix": "Brush the pocket on the way back", "seen": "The ball starts at the ear"}, {"fix": "Let the elbow look over the shoulder", "seen": "The elbow hangs low"}], "tell-me": "Draw the path of your hand with a finger.", "from-age": 6, "question": "Does the {throwing hand} go down and back until the elbow is at shoulder height behind the head?", "prerequisites": ["overarm-throw/side-on"]}, {"key": "overarm-throw/other-foot", "body": "feet", "call": "Long step other foot", "view": "from the side, where both feet show", "phase": "action", "faults": [{"fix": "Lift the {opposite foot} before the arm moves", "seen": "The {same-side foot} steps"}, {"fix": "Step over a rope a long stride ahead", "seen": "The step is short"}], "tell-me": "Which foot lands first, and how far away?", "from-age": 5, "question": "Does the {opposite foot} take a long step towards the target?"}, {"key": "overarm-throw/turn", "body": "hips and shoulders", "call": "Hips then shoulders", "view": "from behind", "phase": "action", "faults": [{"fix": "Say hips, shoulders, arm in slow motion", "seen": "Everything turns at once"}, {"fix": "Start with your back pocket facing the target", "seen": "Nothing turns: arm only"}], "tell-me": "What turns first?", "from-age": 7, "question": "Do the hips turn to the target before the shoulders?", "prerequisites": ["overarm-throw/other-foot"]}, {"key": "overarm-throw/across", "body": "arm", "call": "Finish in your pocket", "view": "from the front", "phase": "follow-through", "faults": [{"fix": "Put the hand in the far pocket at the end", "seen": "The arm stops at the release"}, {"fix": "Throw over a rope held at head height", "seen": "The arm swings round the body"}], "tell-me": "Where is your hand when the ball lands?", "from-age": 6, "question": "Does the {throwing hand} finish low across the body?", "prerequisites": ["overarm-throw/side-on"]}, {"key": "overarm-throw/turn-sideways", "body": "hips and shoulders", "call": "Turn your side", "view": "from the front", "phase": "ready", "faults": [{"fix": "Stand on two spots that lie in line with the target", "seen": "Faces the front"}, {"fix": "Say it before every throw", "seen": "Forgets it when excited"}], "tell-me": "Show me the start.", "from-age": 4, "question": "Does the child turn a side to the target before throwing?"}, {"key": "overarm-throw/step", "body": "feet", "call": "Step", "view": "from the side", "phase": "action", "faults": [{"fix": "Step over a rope", "seen": "Stands still"}, {"fix": "Step and freeze", "seen": "Runs on"}], "tell-me": "What do the feet do before the arm?", "from-age": 4, "question": "Does a foot step towards the target with the throw?"}, {"key": "overarm-throw/over-the-top", "body": "arm", "call": "Past the ear", "view": "from the front", "phase": "release", "faults": [{"fix": "Throw over a rope as high as the chin", "seen": "Throws from the hip"}, {"fix": "Start with the hand behind the head", "seen": "Pushes from the chest"}], "tell-me": "Where does your hand pass?", "from-age": 4, "question": "Does the hand come past the ear, above the shoulder?"}], "name": "Overarm throw", "sets": [{"key": "overarm-throw/components", "cues": ["overarm-throw/eyes-on-target", "overarm-throw/side-on", "overarm-throw/other-foot", "overarm-throw/arm-back", "overarm-throw/across", "overarm-throw/turn"], "kind": "components", "name": "Six components"}, {"key": "overarm-throw/short", "cues": ["overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "kind": "short", "name": "Three calls"}], "action": "throw", "ladder": "sending"}, "skills/underarm-roll.yaml": {"key": "underarm-roll", "cues": [{"key": "underarm-roll/eyes-on-target", "body": "eyes", "call": "Eyes on it", "view": "from the front, beside the target", "phase": "ready", "faults": [{"fix": "Name a colour on the target before each roll", "seen": "Looks at the hand or the ball"}, {"fix": "Count two with the eyes on the target before the swing", "seen": "Looks up only after letting go"}], "tell-me": "Where do your eyes rest while the arm swings?", "from-age": 4, "question": "Do the eyes stay on the target until the ball is on its way?", "condition": "target"}, {"key": "underarm-roll/swing-back", "body": "arm", "call": "Back past the hip", "view": "from the {throwing side}, level with the line", "phase": "wind-up", "faults": [{"fix": "Brush the trousers with the {throwing hand} on the way back", "seen": "The ball is pushed from the front of the body"}, {"fix": "Roll beside a wall or a rope that the arm must not touch", "seen": "The arm goes out to the side"}], "tell-me": "Show with one finger how far back the hand travels.", "from-age": 5, "question": "Does the {throwing hand} swing back past the hip?"}, {"key": "underarm-roll/other-foot", "body": "feet", "call": "Other foot steps", "view": "from the side, where both feet show", "phase": "action", "faults": [{"fix": "Put a spot marker in front of the {opposite foot} to step on", "seen": "The {same-side foot} steps"}, {"fix": "Start with feet together and step over a rope", "seen": "Both feet stay side by side"}], "tell-me": "Touch the foot that will step before you roll.", "from-age": 5, "question": "Does the {opposite foot} step forward as the arm comes through?"}, {"key": "underarm-roll/hand-low", "body": "hand and knees", "call": "Low like a crab", "view": "from the side, crouching", "phase": "release", "faults": [{"fix": "Sweep the knuckles along the floor before letting go", "seen": "The ball drops and hops"}, {"fix": "Roll under a rope held at knee height", "seen": "The back bends and the knees stay straight"}], "tell-me": "Why does a ball that is let go high hop along?", "from-age": 5, "question": "Do the knees bend so that the ball leaves close to the floor, without a hop?", "prerequisites": ["underarm-roll/other-foot"]}, {"key": "underarm-roll/finish", "body": "arm", "call": "Point where it goes", "view": "from behind, in line with the target", "phase": "follow-through", "faults": [{"fix": "Freeze at the end and look along the arm", "seen": "The arm crosses the body and the ball drifts"}, {"fix": "Let the hand shake hands with the target", "seen": "The arm stops at the release"}], "tell-me": "The ball went off to one side. Where did the hand finish?", "from-age": 6, "question": "Does the {throwing hand} finish pointing where the ball should go?", "condition": "target", "prerequisites": ["underarm-roll/swing-back"]}, {"key": "underarm-roll/look", "body": "eyes", "call": "Look", "view": "from the front, beside the target", "phase": "ready", "faults": [{"fix": "Say what you see on the target", "seen": "Looks around or at the ball"}, {"fix": "Keep looking until the ball stops", "seen": "Turns away while letting go"}], "tell-me": "What are you going to look at?", "from-age": 4, "question": "Is the child looking at the target when the ball goes?", "condition": "target"}, {"key": "underarm-roll/step", "body": "feet", "call": "Step", "view": "from the side", "phase": "action", "faults": [{"fix": "Step over a rope with each roll", "seen": "Stands still"}, {"fix": "Step and freeze like a statue", "seen": "Runs through the line"}], "tell-me": "Which part of you moves forward with the arm?", "from-age": 4, "question": "Does a foot step forward with the roll?"}, {"key": "underarm-roll/down-low", "body": "hand and knees", "call": "Down low", "view": "from the side, crouching", "phase": "release", "faults": [{"fix": "Let the hand tickle the floor", "seen": "The ball is dropped from waist height"}, {"fix": "One knee dips like a bow", "seen": "Sits down on the heels"}], "tell-me": "Where is your hand when the ball goes?", "from-age": 4, "question": "Does the ball leave the hand near the floor?", "prerequisites": ["underarm-roll/step"]}], "name": "Underarm roll", "sets": [{"key": "underarm-roll/components", "cues": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish"], "kind": "components", "name": "Five components"}, {"key": "underarm-roll/short", "cues": ["underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "kind": "short", "name": "Three calls"}], "action": "throw", "ladder": "sending"}, "skills/two-hand-catch.yaml": {"key": "two-hand-catch", "cues": [{"key": "two-hand-catch/watch-it-in", "body": "eyes", "call": "Watch it in", "view": "from the front, behind the one who feeds", "phase": "ready", "faults": [{"fix": "Use a scarf or a softer ball and say its colour as it lands", "seen": "Turns the head away"}, {"fix": "Wait for the feeder to show the ball before each feed", "seen": "Looks at the feeder"}], "tell-me": "Until when do you look at the ball?", "from-age": 4, "question": "Do the eyes follow the ball all the way into the hands?", "condition": "object"}, {"key": "two-hand-catch/meet-it", "body": "arms", "call": "Reach to meet it", "view": "from the side", "phase": "action", "faults": [{"fix": "Start with the hands on an imaginary table in front", "seen": "Waits with the arms against the chest"}, {"fix": "Shake the elbows loose before each feed", "seen": "The arms are stiff and straight"}], "tell-me": "Where do your hands wait?", "from-age": 5, "question": "Do the hands reach out in front to meet the ball?", "condition": "object"}, {"key": "two-hand-catch/fingers", "body": "hands", "call": "Spread the fingers", "view": "from the front", "phase": "release", "faults": [{"fix": "Thumbs together for high and little fingers together for low", "seen": "Fingers point at the ball"}, {"fix": "Catch a smaller, softer ball further out", "seen": "The ball is trapped against the chest"}], "tell-me": "The ball comes at your knees. Show me your fingers.", "from-age": 6, "question": "Are the fingers spread, pointing up for a high ball and down for a low one?", "condition": "object", "prerequisites": ["two-hand-catch/meet-it"]}, {"key": "two-hand-catch/soften", "body": "elbows", "call": "Soft landing", "view": "from the side", "phase": "follow-through", "faults": [{"fix": "Catch it as if it were an egg", "seen": "The ball bounces out of the hands"}, {"fix": "Let the hands travel back with the ball", "seen": "Claps the hands at it"}], "tell-me": "Why do the elbows give?", "from-age": 6, "question": "Do the elbows bend and bring the ball in softly?", "condition": "object", "prerequisites": ["two-hand-catch/meet-it"]}, {"key": "two-hand-catch/eyes", "body": "eyes", "call": "Eyes", "view": "from the front", "phase": "ready", "faults": [{"fix": "Go back to a floating scarf", "seen": "Closes the eyes"}, {"fix": "Call the name before the feed", "seen": "Looks elsewhere"}], "tell-me": "What do you look at?", "from-age": 4, "question": "Is the child looking at the ball as it comes?", "condition": "object"}, {"key": "two-hand-catch/reach", "body": "arms", "call": "Reach", "view": "from the side", "phase": "action", "faults": [{"fix": "Make a nest with the hands before the feed", "seen": "Arms stay at the sides"}, {"fix": "Feed from nearer and softer", "seen": "Steps back from the ball"}], "tell-me": "Show me hands that are ready.", "from-age": 4, "question": "Do the hands go out towards the ball?", "condition": "object"}, {"key": "two-hand-catch/give", "body": "elbows", "call": "Give", "view": "from the side", "phase": "follow-through", "faults": [{"fix": "Pull it in like a cushion", "seen": "The ball jumps out"}, {"fix": "Use a smaller ball that hands alone can hold", "seen": "Hugs the ball to the chest"}], "tell-me": "What do your elbows do when it lands?", "from-age": 4, "question": "Do the arms bend to bring the ball in?", "condition": "object", "prerequisites": ["two-hand-catch/reach"]}], "name": "Two-hand catch", "sets": [{"key": "two-hand-catch/components", "cues": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften"], "kind": "components", "name": "Four components"}, {"key": "two-hand-catch/short", "cues": ["two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "kind": "short", "name": "Three calls"}], "action": "throw", "ladder": "receiving"}, "skills/underarm-throw.yaml": {"key": "underarm-throw", "cues": [{"key": "underarm-throw/eyes-on-target", "body": "eyes", "call": "Eyes where it lands", "view": "from the front, beside the target", "phase": "ready", "faults": [{"fix": "Say the colour of the target while swinging", "seen": "Watches the own hand"}, {"fix": "Wait for the eyes before the count of three", "seen": "Turns to a neighbour while throwing"}], "tell-me": "What do you look at while your arm swings?", "from-age": 4, "question": "Do the eyes stay on the target until the bag has left the hand?", "condition": "target"}, {"key": "underarm-throw/swing-back", "body": "arm", "call": "Back like a swing", "view": "from the {throwing side}", "phase": "wind-up", "faults": [{"fix": "Touch a partner''s hand held behind the hip first", "seen": "The throw starts in front of the body"}, {"fix": "Swing beside a wall without touching it", "seen": "The arm swings round the body"}], "tell-me": "How far back does your hand go? Show it slowly.", "from-age": 5, "question": "Does the {throwing hand} swing straight back past the leg before it comes forward?"}, {"key": "underarm-throw/other-foot", "body": "feet", "call": "Other foot forward", "view": "from the side, where both feet show", "phase": "action", "faults": [{"fix": "Start with the {opposite foot} on a spot marker already", "seen": "The {same-side foot} steps"}, {"fix": "Stand with feet together and step over a rope", "seen": "No step at all"}], "tell-me": "Point to the foot that goes with this hand.", "from-age": 5, "question": "Does the {opposite foot} step towards the target as the arm comes forward?"}, {"key": "underarm-throw/let-go", "body": "hand", "call": "Let go in front", "view": "from the side, level with the hips", "phase": "release", "faults": [{"fix": "Throw under a rope held at chest height", "seen": "Let go late: it flies up or behind"}, {"fix": "Let the hand point at the target before it opens", "seen": "Let go early: it drops at the feet"}], "tell-me": "It went straight up. When did the hand open?", "from-age": 5, "question": "Does the bag leave the hand in front of the body, between knee and chest?", "prerequisites": ["underarm-throw/other-foot"]}, {"key": "underarm-throw/finish", "body": "arm", "call": "Hand says there", "view": "from behind, in line with the target", "phase": "follow-through", "faults": [{"fix": "Freeze and look along the arm", "seen": "The arm crosses the body"}, {"fix": "Shake hands with the target", "seen": "The arm stops short"}], "tell-me": "Where does your hand point when it is over?", "from-age": 6, "question": "Does the {throwing hand} finish pointing at the target?", "condition": "target", "prerequisites": ["underarm-throw/swing-back"]}, {"key": "underarm-throw/look", "body": "eyes", "call": "Look there", "view": "from the front, beside the target", "phase": "ready", "faults": [{"fix": "Hide the bag behind the back until the look is there", "seen": "Looks at the bag"}, {"fix": "Look until it lands", "seen": "Looks at the thrower beside"}], "tell-me": "Where must your eyes be?", "from-age": 4, "question": "Is the child looking at the target when the bag goes?", "condition": "target"}, {"key": "underarm-throw/step", "body": "feet", "call": "Step in", "view": "from the side", "phase": "action", "faults": [{"fix": "Step onto a spot with each throw", "seen": "Stands like a post"}, {"fix": "Step and stand like a heron", "seen": "Walks through the throw"}], "tell-me": "What do your feet do?", "from-age": 4, "question": "Does a foot step forward with the throw?"}, {"key": "underarm-throw/swing-through", "body": "arm", "call": "Swing through", "view": "from the side", "phase": "action", "faults": [{"fix": "Brush the shorts on the way", "seen": "Pushes from the chest"}, {"fix": "Swing twice without a bag, then throw", "seen": "Drops it"}], "tell-me": "Show me the swing without the bag.", "from-age": 4, "question": "Does the arm swing from behind the body to the front?"}], "name": "Underarm throw", "sets": [{"key": "underarm-throw/components", "cues": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish"], "kind": "components", "name": "Five components"}, {"key": "underarm-throw/short", "cues": ["underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "kind": "short", "name": "Three calls"}], "action": "throw", "ladder": "sending"}, "activities/foot-dribble.yaml": {"activities": [{"how": "A ball each, or one between two who change at the signal. Walk your seal about the beach with soft taps; at the signal a foot on its back.", "key": "tame-the-seal", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "ages": [4, 9], "name": "Tame the Seal", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/tap", "foot-dribble/keep-near"], "skill": "foot-dribble", "space": {"each": 1.9, "long": 7}, "counts": "a stop within two steps of the signal", "layout": "scatter-balls", "levers": [{"name": "pace", "steps": ["at a walk", "at a quick walk", "at a jog"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [4, 8], "cautions": ["head-up", "loose-balls"], "question": "What makes a seal run away?", "formation": {"kind": "scatter", "sizes": [1, 1, 2]}}, {"how": "Free in your own water: inside taps only, outside taps only, then one of each. Ten touches, a stop, and change the foot.", "key": "footprints", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "ages": [5, 12], "name": "Footprints", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/tap"], "skill": "foot-dribble", "space": {"each": 1.9, "long": 7}, "counts": "ten touches without losing the ball", "layout": "scatter-balls", "levers": [{"name": "pace", "steps": ["standing", "at a walk", "at a jog"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 20, "minutes": [4, 8], "cautions": ["head-up", "loose-balls"], "question": "Which side of the foot was new?", "formation": {"kind": "scatter", "sizes": [1, 1, 2]}}, {"how": "Along a painted line to the end and back while the partner counts touches; then change. More touches are better.", "key": "along-the-quay", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "in a three two count.", "ages": [4, 12], "name": "Along the Quay", "rung": 2, "cycle": {"act": 8, "back": 4, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/keep-near"], "skill": "foot-dribble", "space": {"each": 1.4, "long": 8}, "counts": "each touch of the foot", "layout": "lines-balls", "levers": [{"name": "pace", "steps": ["at a walk", "at a jog"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 20, "minutes": [5, 9], "cautions": ["head-up", "loose-balls"], "question": "How many touches had you, and how many next time?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "One walks as the tug, the other follows with the ball along the lines that the tug chooses. Change at the signal.", "key": "tow-rope", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "a three is a tug with two barges, the ball with the last.", "ages": [5, 12], "name": "Tow Rope", "rung": 2, "cycle": {"act": 8, "back": 2, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/both-sides", "foot-dribble/see-ahead", "foot-dribble/look-up"], "skill": "foot-dribble", "space": {"each": 1.4, "long": 8}, "counts": "a turn of the tug that the ball follows", "layout": "lines-balls", "levers": [{"name": "pace", "steps": ["a slow tug", "a quick tug"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 15, "minutes": [5, 9], "cautions": ["head-up"], "question": "What did you watch, the tug or the ball?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Four markers in a row. Weave out round them and come straight back; hand the ball on with the sole.", "key": "round-the-buoys", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "buoy", "count": 4, "width": [80, 700], "traits": ["flat"]}], "ages": [5, 12], "name": "Round the Buoys", "rung": 3, "cycle": {"act": 9, "back": 3, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/both-sides", "foot-dribble/close", "foot-dribble/keep-near"], "skill": "foot-dribble", "space": {"each": 1.8, "long": 8}, "counts": "a buoy that is passed without a touch", "layout": "lanes-buoys", "levers": [{"name": "gap", "steps": ["2 m apart", "1.5 m apart", "1 m apart"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["head-up", "loose-balls"], "question": "Which foot is better for which side?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "Rocks lie all about. Sail round as many as you can, never the same twice in a row; at the signal change with your partner or turn about.", "key": "harbour-maze", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "class", "like": "spot", "role": "marker", "what": "rock", "count": 12, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Harbour Maze", "rung": 3, "cycle": {"act": 7, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/see-ahead"], "skill": "foot-dribble", "space": {"each": 2, "long": 8}, "counts": "a rock that is rounded", "layout": "scatter-rocks", "levers": [{"name": "pace", "steps": ["at a walk", "at a jog"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["head-up", "loose-balls"], "question": "How did you choose your way?", "formation": {"kind": "scatter", "sizes": [1, 1, 2]}}, {"how": "Dribble with an eye on the lighthouse, which is you. You show fingers; they call the number. An arm to the side means turn that way.", "key": "lighthouse-signals", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "ages": [6, 12], "name": "Lighthouse Signals", "rung": 4, "cycle": {"act": 7, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/look-up", "foot-dribble/close", "foot-dribble/see-ahead"], "skill": "foot-dribble", "space": {"each": 2, "long": 8}, "counts": "a number called without losing the ball", "layout": "scatter-balls", "levers": [{"name": "pace", "steps": ["at a walk", "at a jog"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 9], "cautions": ["head-up", "loose-balls"], "question": "When is the best moment to look up?", "formation": {"kind": "scatter", "sizes": [1, 1, 2]}}, {"how": "The partner walks backwards in front and changes side without a word; follow with the ball by looking up. Change after a minute.", "key": "night-watch", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "in a three two take turns to lead.", "ages": [7, 12], "name": "Night Watch", "rung": 4, "cycle": {"act": 7, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/look-up", "foot-dribble/small-touches", "foot-dribble/see-ahead"], "skill": "foot-dribble", "space": {"each": 1.8, "long": 8}, "counts": "a change of side that is followed", "layout": "scatter-balls", "levers": [{"name": "pace", "steps": ["at a walk", "at a quick walk"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 9], "cautions": ["head-up"], "question": "What did you see first: feet or shoulders?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three sharks without a ball hunt in a walk and touch balls with a foot. Whose ball is touched taps it ten times on the spot and swims on. New sharks every minute.", "key": "shark-bay", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "ages": [6, 12], "name": "Shark Bay", "rung": 5, "cycle": {"act": 6, "back": 0, "fetch": 1, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/close", "foot-dribble/look-up", "foot-dribble/keep-near"], "skill": "foot-dribble", "space": {"each": 2, "long": 8}, "counts": "a minute without being touched", "layout": "scatter-balls", "levers": [{"name": "sharks", "steps": ["two sharks", "three sharks", "five sharks"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 8], "cautions": ["head-up", "loose-balls"], "question": "How did you keep the ball from the shark?", "formation": {"kind": "scatter", "sizes": [1, 1, 2]}}, {"how": "Dribble to the net, round it and home; the next goes when the ball is stopped at the line. How many catches does the crew bring in?", "key": "bring-in-the-catch", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "net", "count": 1, "width": [80, 700], "traits": ["flat"]}], "ages": [4, 10], "name": "Bring in the Catch", "rung": 2, "cycle": {"act": 8, "back": 2, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/small-touches", "foot-dribble/tap", "foot-dribble/keep-near"], "skill": "foot-dribble", "space": {"each": 2, "long": 8}, "counts": "a ball stopped at the home line", "layout": "lanes-buoys", "levers": [{"name": "distance", "steps": ["5 m", "6 m", "8 m"], "usual": 0}], "phases": ["play"], "set-up": 40, "minutes": [5, 9], "cautions": ["head-up", "loose-balls"], "question": "How many catches are missing to ten?", "formation": {"kind": "lanes", "sizes": [3, 4, 5]}}, {"how": "Berths lie all about, two fewer than ships. At the horn every ship finds a berth and stops the ball on it; who has none starts the next horn.", "key": "all-change", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "class", "like": "spot", "role": "marker", "what": "berth", "count": 16, "width": [80, 700], "traits": ["flat"]}], "ages": [5, 12], "name": "All Change", "rung": 3, "cycle": {"act": 7, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/both-sides", "foot-dribble/see-ahead", "foot-dribble/close"], "skill": "foot-dribble", "space": {"each": 2, "long": 8}, "counts": "a ball stopped on a berth", "layout": "scatter-rocks", "levers": [{"name": "berths", "steps": ["as many as ships", "two fewer", "four fewer"], "usual": 0}], "phases": ["play"], "set-up": 40, "minutes": [5, 9], "cautions": ["head-up", "loose-balls"], "question": "Did you look for a berth before the horn?", "formation": {"kind": "scatter", "sizes": [1, 1, 2]}}, {"how": "Four customs officers walk with a hand on the head. Smugglers dribble from shore to shore and count crossings; an officer who touches a ball changes places.", "key": "smugglers", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "ages": [7, 12], "name": "Smugglers", "rung": 4, "cycle": {"act": 7, "back": 0, "fetch": 1, "reset": 0}, "hosts": ["foot-dribble/small-touches", "foot-dribble/close", "foot-dribble/both-sides", "foot-dribble/knees-soft", "foot-dribble/look-up", "foot-dribble/tap", "foot-dribble/keep-near", "foot-dribble/see-ahead"], "shows": ["foot-dribble/look-up", "foot-dribble/small-touches", "foot-dribble/see-ahead"], "skill": "foot-dribble", "space": {"each": 2, "long": 8}, "counts": "a crossing with the ball at the feet", "layout": "scatter-balls", "levers": [{"name": "officers", "steps": ["two officers", "four officers", "six officers"], "usual": 1}], "phases": ["play"], "set-up": 10, "minutes": [6, 10], "cautions": ["head-up", "loose-balls"], "question": "How many crossings, and what helped?", "formation": {"kind": "scatter", "sizes": [1, 1, 2]}}]}, "activities/forearm-pass.yaml": {"activities": [{"how": "No ball. Low and wide, wrap the hands, straight arms: a table. Walk, and at the call set the table within two steps. Sit and stand with it three times.", "key": "set-the-table", "ages": [6, 12], "name": "Set the Table", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/legs-lift", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/platform", "forearm-pass/ready-low", "forearm-pass/arms-together", "forearm-pass/low"], "skill": "forearm-pass", "space": {"each": 1.6, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "cautions": ["head-up"], "question": "Where is the flat part of your table?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "No ball. The partner lays two flat hands on the table; lift them with the legs alone. Who can feel the arms swing? Change after five.", "key": "waves-lift", "odd": "three take turns round.", "ages": [6, 12], "name": "Waves Lift", "rung": 1, "cycle": {"act": 7, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/legs-lift", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/legs-lift", "forearm-pass/ready-low", "forearm-pass/lift"], "skill": "forearm-pass", "space": {"each": 1.6, "long": 4}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 5, "minutes": [4, 7], "question": "What moved: arms or knees?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "The partner drops the ball from head height onto the table; lift it back to be caught. Five, then change.", "key": "table-top-toss", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}], "odd": "in a three one watches where it met the arms.", "ages": [6, 12], "name": "Table Top Toss", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/forearms", "forearm-pass/platform", "forearm-pass/arms-together"], "skill": "forearm-pass", "space": {"each": 1.6, "long": 4}, "counts": "a ball that comes back to be caught without a step", "layout": "pairs-facing", "levers": [{"name": "drop", "steps": ["from head height", "from two steps", "from three steps"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 20, "minutes": [5, 9], "cautions": ["airborne"], "question": "Where on the arms does it go straight up?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Toss the ball up, let it bounce once and lift it against the wall above the head; catch. Five good ones, then two lifts before the catch.", "key": "wall-of-spray", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}], "ages": [8, 12], "name": "Wall of Spray", "rung": 2, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/lift"], "skill": "forearm-pass", "space": {"each": 1.6, "long": 4}, "counts": "a lift that meets the wall above the head and is caught", "layout": "wall", "levers": [{"name": "lifts", "steps": ["one lift and catch", "two lifts and catch", "three lifts and catch"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 20, "minutes": [5, 8], "cautions": ["wall-permission", "airborne"], "question": "What did you do with your legs at the second lift?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "Three steps apart the partner tosses gently underarm; lift it back high enough to pass under. Catch, toss again. Six each.", "key": "lift-to-a-friend", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}], "odd": "in a three the ball goes round.", "ages": [7, 12], "name": "Lift to a Friend", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/legs-lift", "forearm-pass/ready-low", "forearm-pass/lift", "forearm-pass/low"], "skill": "forearm-pass", "space": {"each": 1.6, "long": 5}, "counts": "a lift that is caught at or above the head", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 15, "minutes": [5, 9], "cautions": ["airborne"], "question": "How do you make it come back high, not hard?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Lift to and fro; one bounce between lifts is allowed. How many before it runs into the sea?", "key": "keep-it-dry", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}], "odd": "in a three the ball goes round.", "ages": [8, 12], "name": "Keep It Dry", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/forearms", "forearm-pass/face-target", "forearm-pass/platform"], "skill": "forearm-pass", "space": {"each": 1.8, "long": 5}, "counts": "a lift; a bounce between two lifts does not end it", "layout": "pairs-facing", "levers": [{"name": "bounce", "steps": ["one bounce each", "a bounce when needed", "no bounce"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 9], "cautions": ["airborne"], "question": "What is the longest you kept it dry?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "One tosses from beside the hoop, one lifts from three metres so that the ball drops into the hoop, one fetches. Change after five.", "key": "hoop-harbour", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "harbour", "count": 1, "width": [200, 2600], "traits": ["flat"]}], "ages": [8, 12], "name": "Hoop Harbour", "rung": 4, "cycle": {"act": 5, "back": 3, "fetch": 4, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/face-target", "forearm-pass/legs-lift", "forearm-pass/lift"], "skill": "forearm-pass", "space": {"each": 2, "long": 6}, "counts": "a ball that first lands in the hoop", "layout": "lanes-deck", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["airborne", "loose-balls"], "question": "Short or long: what did your legs do?", "formation": {"kind": "lanes", "sizes": [3, 3, 4]}}, {"how": "Two children stand on lights to the left and the right. The tosser calls one; lift the ball to that light. Change after six.", "key": "two-lights", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "light", "count": 2, "width": [80, 700], "traits": ["flat"]}], "ages": [9, 12], "name": "Two Lights", "rung": 4, "cycle": {"act": 5, "back": 2, "fetch": 3, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/face-target", "forearm-pass/forearms", "forearm-pass/platform"], "skill": "forearm-pass", "space": {"each": 2.2, "long": 6}, "counts": "a ball that is caught at the light that was called", "layout": "lanes-lights", "levers": [{"name": "angle", "steps": ["near together", "a little apart", "far apart"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 8], "cautions": ["airborne"], "question": "What must turn before the ball comes?", "formation": {"kind": "lanes", "sizes": [3, 3, 4]}}, {"how": "The partner tosses a step to one side; move, set the table, stand still, and only then lift. Change after six.", "key": "step-and-lift", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}], "odd": "in a three the ball goes round.", "ages": [9, 12], "name": "Step and Lift", "rung": 5, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/ready-low", "forearm-pass/legs-lift", "forearm-pass/low"], "skill": "forearm-pass", "space": {"each": 2, "long": 6}, "counts": "a lift from feet that stand still", "layout": "pairs-moving", "levers": [{"name": "step", "steps": ["one step", "two steps"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 8], "cautions": ["airborne", "head-up"], "question": "Were your feet still when the ball came?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Each lift that the partner catches pumps a bucket out; the class counts to a hundred buckets.", "key": "pump-the-bilge", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}], "odd": "in a three the ball goes round.", "ages": [6, 12], "name": "Pump the Bilge", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/legs-lift", "forearm-pass/forearms", "forearm-pass/lift", "forearm-pass/arms-together"], "skill": "forearm-pass", "space": {"each": 1.6, "long": 4}, "counts": "a lift that is caught on the full", "layout": "pairs-facing", "levers": [{"name": "toss", "steps": ["a drop", "a toss from two steps", "a toss from three steps"], "usual": 0}], "phases": ["play"], "set-up": 10, "minutes": [5, 9], "cautions": ["airborne"], "question": "How many buckets are still in the boat?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "A rope on the floor is the boom. Lift the ball over it to the partner, who lets it bounce once and lifts it back. Longest streak.", "key": "over-the-boom", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}, {"per": "group", "like": "rope", "role": "marker", "what": "boom", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "odd": "in a three the ball goes round.", "ages": [8, 12], "name": "Over the Boom", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/ready-low", "forearm-pass/low"], "skill": "forearm-pass", "space": {"each": 1.8, "long": 6}, "counts": "a lift over the boom that the partner reaches after one bounce", "layout": "pairs-facing", "levers": [{"name": "bounce", "steps": ["one bounce", "no bounce"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [6, 10], "cautions": ["airborne"], "question": "What ends most of your streaks?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "A near hoop counts one and a far hoop three. A friend tosses, you lift, a third fetches; three lifts each and change. The crew adds up.", "key": "deck-spots", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "light ball", "count": 1, "grams": 260, "width": [150, 260], "traits": ["soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "deck spot", "count": 2, "width": [200, 2600], "traits": ["flat"]}], "ages": [8, 12], "name": "Deck Spots", "rung": 4, "cycle": {"act": 5, "back": 3, "fetch": 4, "reset": 2}, "hosts": ["forearm-pass/ready-low", "forearm-pass/platform", "forearm-pass/forearms", "forearm-pass/legs-lift", "forearm-pass/face-target", "forearm-pass/low", "forearm-pass/arms-together", "forearm-pass/lift"], "shows": ["forearm-pass/face-target", "forearm-pass/forearms", "forearm-pass/lift"], "skill": "forearm-pass", "space": {"each": 2.2, "long": 6}, "counts": "a ball that first lands in a hoop", "layout": "lanes-deck", "levers": [{"name": "distance", "steps": ["2 m and 3 m", "3 m and 4 m"], "usual": 0}], "phases": ["play"], "set-up": 40, "minutes": [6, 10], "cautions": ["airborne", "loose-balls"], "question": "Is the near spot or the far one better for your crew?", "formation": {"kind": "lanes", "sizes": [3, 3, 4]}}]}, "skills/inside-foot-pass.yaml": {"key": "inside-foot-pass", "cues": [{"key": "inside-foot-pass/eyes-on-ball", "body": "eyes", "call": "Up once, then down", "view": "from the front", "phase": "ready", "faults": [{"fix": "Read a number chalked on the ball", "seen": "Looks at the partner while striking"}, {"fix": "Name the shirt colour of the partner first", "seen": "Never looks up"}], "tell-me": "When do you look up, and when down?", "from-age": 5, "question": "Do the eyes look up once and then stay on the ball until it is struck?"}, {"key": "inside-foot-pass/beside", "body": "standing foot", "call": "Stand beside it", "view": "from behind", "phase": "action", "faults": [{"fix": "Lay a spot marker beside the ball to step on", "seen": "The {opposite foot} stays behind the ball"}, {"fix": "Walk up with small steps and stop beside it", "seen": "The {opposite foot} lands in front"}], "tell-me": "Where does your other foot stand?", "from-age": 5, "question": "Does the {opposite foot} land beside the ball?"}, {"key": "inside-foot-pass/toes-there", "body": "standing foot", "call": "Toes point there", "view": "from behind, in line with the target", "phase": "action", "faults": [{"fix": "Draw an arrow on the floor to stand on", "seen": "The toes point across"}, {"fix": "Hold the stand until the ball has stopped", "seen": "The foot turns as the leg swings"}], "tell-me": "What do your toes tell your partner?", "from-age": 6, "question": "Do the toes of the {opposite foot} point where the ball should go?", "condition": "target", "prerequisites": ["inside-foot-pass/beside"]}, {"key": "inside-foot-pass/open-foot", "body": "kicking foot", "call": "Open like a door", "view": "from the front", "phase": "release", "faults": [{"fix": "Roll the ball with the inner side before striking it", "seen": "The toe pokes the ball"}, {"fix": "Brush the floor with the heel on the way", "seen": "The sole is lifted"}], "tell-me": "Touch the part of the foot that meets the ball.", "from-age": 5, "question": "Does the {kicking foot} turn out, so that its inner side meets the ball?"}, {"key": "inside-foot-pass/middle", "body": "kicking foot", "call": "Middle keeps it low", "view": "from the {kicking side}, crouching", "phase": "release", "faults": [{"fix": "Lean a little over the ball", "seen": "Struck below the middle: it lifts"}, {"fix": "Aim at a dot on the middle", "seen": "Struck on top: it stops dead"}], "tell-me": "It jumped. Where did the foot meet it?", "from-age": 6, "question": "Does the foot meet the middle of the ball, so that it stays on the ground?", "prerequisites": ["inside-foot-pass/open-foot"]}, {"key": "inside-foot-pass/follow", "body": "leg", "call": "Foot follows the ball", "view": "from behind, in line with the target", "phase": "follow-through", "faults": [{"fix": "Push the ball through a gate with the foot behind it", "seen": "The leg stops at the ball"}, {"fix": "Freeze and look along the leg", "seen": "The leg swings across"}], "tell-me": "Where does your foot end?", "from-age": 6, "question": "Does the {kicking foot} swing on towards the target?", "condition": "target", "prerequisites": ["inside-foot-pass/open-foot"]}, {"key": "inside-foot-pass/look", "body": "eyes", "call": "See the ball", "view": "from the front", "phase": "ready", "faults": [{"fix": "Say now when the foot touches it", "seen": "Looks far away"}, {"fix": "Say the colour of the ball", "seen": "Eyes shut"}], "tell-me": "What do you see when you kick?", "from-age": 4, "question": "Is the child looking at the ball when the foot meets it?"}, {"key": "inside-foot-pass/stop-beside", "body": "standing foot", "call": "Stop beside", "view": "from the side", "phase": "action", "faults": [{"fix": "Walk, stop, kick", "seen": "Runs through the ball"}, {"fix": "Step on a spot beside the ball", "seen": "Stops far away"}], "tell-me": "Show me where you stop.", "from-age": 4, "question": "Does a foot stop beside the ball before the other one kicks?"}, {"key": "inside-foot-pass/inside", "body": "kicking foot", "call": "Inside foot", "view": "from the front", "phase": "release", "faults": [{"fix": "Put a sticker on the inner side of the shoe", "seen": "Kicks with the toe"}, {"fix": "Swing low like a broom", "seen": "Treads on the ball"}], "tell-me": "Where is the inside of your foot?", "from-age": 4, "question": "Does the inner side of the foot meet the ball?"}], "name": "Inside-foot pass", "sets": [{"key": "inside-foot-pass/components", "cues": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/open-foot", "inside-foot-pass/toes-there", "inside-foot-pass/middle", "inside-foot-pass/follow"], "kind": "components", "name": "Six components"}, {"key": "inside-foot-pass/short", "cues": ["inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "kind": "short", "name": "Three calls"}], "action": "kick", "ladder": "sending"}, "activities/overarm-throw.yaml": {"activities": [{"how": "No ball. The free arm is the mast and points ahead; the throwing arm is the sail that goes down, back, up and over. Slow, then in time with the calls.", "key": "mast-and-sail", "ages": [4, 12], "name": "Mast and Sail", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["overarm-throw/side-on", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/side-on", "overarm-throw/arm-back", "overarm-throw/turn-sideways", "overarm-throw/over-the-top"], "skill": "overarm-throw", "space": {"each": 1.8, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed", "with the eyes shut"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "question": "Where is the sail when the mast comes down?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "No ball. One throws in slow motion, the other names what moved first, second and third. Change after four.", "key": "slow-storm", "odd": "three make a thrower and two judges.", "ages": [5, 12], "name": "Slow Storm", "rung": 1, "cycle": {"act": 8, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["overarm-throw/side-on", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/step"], "skill": "overarm-throw", "space": {"each": 1.8, "long": 4}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [4, 7], "question": "What must move before the shoulders?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Five paces from the wall, side to it. Throw overarm at a mark as high as the head, fetch what comes back, set the feet again. Eight throws, then tell what felt long.", "key": "sea-wall-throws", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 1, "grams": 200, "width": [60, 170], "traits": ["soft"]}], "ages": [5, 12], "name": "Sea Wall Throws", "rung": 2, "cycle": {"act": 4, "back": 3, "fetch": 5, "reset": 0}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/arm-back", "overarm-throw/across", "overarm-throw/over-the-top"], "skill": "overarm-throw", "space": {"each": 1.6, "long": 6}, "counts": "a throw that meets the wall above the knee", "layout": "wall", "levers": [{"name": "distance", "steps": ["4 paces", "5 paces", "7 paces"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["wall-permission", "one-way", "throwing-arm"], "question": "What made it loud?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "A hoop lies or leans four metres off. Two overarm throws a turn, side to the target first; all fetch together on the signal.", "key": "big-sail", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 2, "grams": 200, "width": [60, 170], "traits": ["soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "sail", "count": 1, "width": [200, 2600], "traits": ["flat"]}], "ages": [4, 10], "name": "Big Sail", "rung": 2, "cycle": {"act": 4, "back": 3, "fetch": 5, "reset": 0}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/turn-sideways"], "skill": "overarm-throw", "space": {"each": 2, "long": 7}, "counts": "a ball that meets the hoop or what it leans on", "layout": "lanes-sail", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["one-way", "loose-balls", "throwing-arm"], "question": "Where did your pointing hand point?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "Partners six steps apart throw overarm so that the ball bounces or lands once before it is gathered. After four good ones each goes a step back.", "key": "long-rope-throws", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 1, "grams": 200, "width": [60, 170], "traits": ["soft"]}], "odd": "in a three the ball goes round.", "ages": [6, 12], "name": "Long Rope Throws", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/step"], "skill": "overarm-throw", "space": {"each": 1.6, "long": 8}, "counts": "a throw that reaches the partner within one stride", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["5 m", "6 m", "8 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 20, "minutes": [5, 9], "cautions": ["airborne", "one-way", "throwing-arm"], "question": "What grew when the distance grew?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "The partner holds up a hand as a signal: left, right or over the head. Throw softly overarm towards it. Change after six.", "key": "signal-mast", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 1, "grams": 200, "width": [60, 170], "traits": ["soft"]}], "odd": "in a three the one without the ball gives the signal.", "ages": [5, 12], "name": "Signal Mast", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/side-on", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/over-the-top"], "skill": "overarm-throw", "space": {"each": 1.6, "long": 7}, "counts": "a throw that the partner can touch without a step", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["4 m", "5 m", "6 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 15, "minutes": [5, 9], "cautions": ["airborne"], "question": "Where did your hand finish for each signal?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three hoops at four, five and six metres are portholes. Say which, throw overarm, fetch on the signal.", "key": "three-portholes", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 2, "grams": 200, "width": [60, 170], "traits": ["soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "porthole", "count": 3, "width": [200, 2600], "traits": ["flat"]}], "ages": [6, 12], "name": "Three Portholes", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 5, "reset": 0}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/eyes-on-target", "overarm-throw/across", "overarm-throw/over-the-top"], "skill": "overarm-throw", "space": {"each": 2, "long": 8}, "counts": "a ball that lands in the porthole that was named", "layout": "lanes-portholes", "levers": [{"name": "distance", "steps": ["4 m porthole", "5 m porthole", "6 m porthole"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 60, "minutes": [5, 9], "cautions": ["one-way", "loose-balls", "throwing-arm"], "question": "Which one is worth trying twice?", "formation": {"kind": "lanes", "sizes": [2, 3, 5]}}, {"how": "Two hits and you go a step back, two misses and you come a step in. Six throws a turn at most, with a rest between.", "key": "storm-steps", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 2, "grams": 200, "width": [60, 170], "traits": ["soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "deck", "count": 1, "width": [200, 2600], "traits": ["flat"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "ages": [6, 12], "name": "Storm Steps", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 5, "reset": 0}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/step"], "skill": "overarm-throw", "space": {"each": 2, "long": 8}, "counts": "a ball that lands on the deck", "layout": "lanes-portholes", "levers": [{"name": "distance", "steps": ["4 m", "5 m", "6 m", "7 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["one-way", "loose-balls", "throwing-arm"], "question": "At which step did it start to be hard?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "One child pulls a hoop along a line across the lane; the others throw overarm into it as it passes. Change the puller after six.", "key": "passing-gulls", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 2, "grams": 200, "width": [60, 170], "traits": ["soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "gull", "count": 1, "width": [200, 2600], "traits": ["flat"]}], "ages": [8, 12], "name": "Passing Gulls", "rung": 5, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 2}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/eyes-on-target", "overarm-throw/turn", "overarm-throw/step"], "skill": "overarm-throw", "space": {"each": 2.4, "long": 7}, "counts": "a ball that meets the moving hoop", "layout": "lanes-drift", "levers": [{"name": "speed", "steps": ["a slow walk", "a walk", "a quick walk"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 8], "cautions": ["one-way", "loose-balls", "throwing-arm"], "question": "When do you start your step?", "formation": {"kind": "lanes", "sizes": [3, 3, 4]}}, {"how": "Each crew stands behind its rope with three balls. One throw a turn as far as you can over the far line; when all are over, the crew fetches on the signal. How many crossings in the time?", "key": "clear-the-deck", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 3, "grams": 200, "width": [60, 170], "traits": ["soft"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "ages": [4, 10], "name": "Clear the Deck", "rung": 2, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/side-on", "overarm-throw/over-the-top", "overarm-throw/turn-sideways"], "skill": "overarm-throw", "space": {"each": 2, "long": 7}, "counts": "a ball that crosses the far line in the air", "layout": "lanes-deck", "levers": [{"name": "distance", "steps": ["4 m", "5 m", "6 m"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [5, 9], "cautions": ["one-way", "loose-balls", "throwing-arm"], "question": "What sends it further: more arm or more step?", "formation": {"kind": "lanes", "sizes": [3, 4, 6]}}, {"how": "Throw and gather with a partner; at each horn go one step back, after a miss one step in. The furthest pair at the end is the loudest.", "key": "fog-horn", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 1, "grams": 200, "width": [60, 170], "traits": ["soft"]}], "odd": "in a three the ball goes round.", "ages": [6, 12], "name": "Fog Horn", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/other-foot", "overarm-throw/across", "overarm-throw/step"], "skill": "overarm-throw", "space": {"each": 1.6, "long": 8}, "counts": "a throw that is gathered before it rolls away", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["4 steps", "6 steps", "8 steps"], "usual": 0}], "phases": ["play"], "set-up": 10, "minutes": [6, 10], "cautions": ["airborne", "one-way", "throwing-arm"], "question": "How many steps did you gain?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Two bells hang at the harbour mouth: the near hoop rings one, the far hoop rings three. Two throws a turn; the crew counts its rings.", "key": "harbour-bells", "kit": [{"per": "group", "like": "sock-ball", "role": "sent", "what": "ball", "count": 2, "grams": 200, "width": [60, 170], "traits": ["soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "bell", "count": 2, "width": [200, 2600], "traits": ["flat"]}], "ages": [6, 12], "name": "Harbour Bells", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 5, "reset": 3}, "hosts": ["overarm-throw/side-on", "overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/other-foot", "overarm-throw/turn", "overarm-throw/across", "overarm-throw/turn-sideways", "overarm-throw/step", "overarm-throw/over-the-top"], "shows": ["overarm-throw/eyes-on-target", "overarm-throw/arm-back", "overarm-throw/turn"], "skill": "overarm-throw", "space": {"each": 2, "long": 7.5}, "counts": "a ball that lands in a hoop", "layout": "lanes-portholes", "levers": [{"name": "distance", "steps": ["4 m and 5 m", "5 m and 6 m"], "usual": 0}], "phases": ["play"], "set-up": 60, "minutes": [6, 10], "cautions": ["one-way", "loose-balls", "throwing-arm"], "question": "Is it better to ring one twice or to try for three?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}]}, "skills/jump-for-distance.yaml": {"key": "jump-for-distance", "cues": [{"key": "jump-for-distance/crouch", "body": "knees", "call": "Sit like a frog", "view": "from the side", "phase": "ready", "faults": [{"fix": "Touch the knees before each jump", "seen": "Jumps from straight legs"}, {"fix": "Down and up like a spring", "seen": "Drops onto the heels and rests"}], "tell-me": "What happens in your legs before you fly?", "from-age": 4, "question": "Do the knees bend well before the jump, with the heels still down?"}, {"key": "jump-for-distance/arms-back", "body": "arms", "call": "Arms back", "view": "from the side", "phase": "wind-up", "faults": [{"fix": "Brush the hips on the way back", "seen": "The arms hang"}, {"fix": "Hold a scarf in both hands", "seen": "One arm only"}], "tell-me": "Where are your hands when you are lowest?", "from-age": 5, "question": "Do both arms swing back behind the body as the knees bend?", "prerequisites": ["jump-for-distance/crouch"]}, {"key": "jump-for-distance/throw-arms", "body": "arms", "call": "Arms to the sky", "view": "from the side", "phase": "action", "faults": [{"fix": "Jump to touch a hanging scarf", "seen": "The arms come after the jump"}, {"fix": "Throw a make-believe net forward", "seen": "The arms go sideways"}], "tell-me": "What do the arms do to the jump?", "from-age": 5, "question": "Do the arms swing forward and up as the feet leave the floor?", "prerequisites": ["jump-for-distance/arms-back"]}, {"key": "jump-for-distance/two-feet", "body": "feet", "call": "Both feet push", "view": "from the front", "phase": "action", "faults": [{"fix": "Stand with both feet in a hoop", "seen": "A step instead of a jump"}, {"fix": "Say push with both", "seen": "One foot leaves first"}], "tell-me": "How many feet push?", "from-age": 4, "question": "Do both feet push off together?"}, {"key": "jump-for-distance/long-body", "body": "body", "call": "Long like an eel", "view": "from the side", "phase": "action", "faults": [{"fix": "Jump over a rope that lies two feet ahead", "seen": "Jumps high and comes down near"}, {"fix": "Look at a mark on the far wall", "seen": "Folds at once"}], "tell-me": "Which way do you push: up, or up and away?", "from-age": 7, "question": "Is the body long and stretched as it leaves the floor?", "prerequisites": ["jump-for-distance/throw-arms"]}, {"key": "jump-for-distance/soft-landing", "body": "knees", "call": "Land like snow", "view": "from the side", "phase": "follow-through", "faults": [{"fix": "Land so that nobody hears it", "seen": "Lands on straight legs"}, {"fix": "Hold the landing while counting three", "seen": "Falls forward on the hands"}], "tell-me": "Why do the knees bend when you land?", "from-age": 4, "question": "Do both feet land together, with knees that bend and no second step?", "prerequisites": ["jump-for-distance/two-feet"]}, {"key": "jump-for-distance/bend", "body": "knees", "call": "Bend", "view": "from the side", "phase": "ready", "faults": [{"fix": "Make yourself small first", "seen": "Straight legs"}, {"fix": "Look ahead while getting small", "seen": "Bends the back"}], "tell-me": "Show me small.", "from-age": 4, "question": "Do the knees bend before the jump?"}, {"key": "jump-for-distance/swing", "body": "arms", "call": "Swing", "view": "from the side", "phase": "action", "faults": [{"fix": "Reach for the moon", "seen": "Arms stay down"}, {"fix": "Both together, once", "seen": "Arms flap"}], "tell-me": "What do your arms do?", "from-age": 4, "question": "Do the arms help by swinging forward?", "prerequisites": ["jump-for-distance/bend"]}, {"key": "jump-for-distance/quiet", "body": "feet", "call": "Quiet feet", "view": "from the side", "phase": "follow-through", "faults": [{"fix": "Listen for it", "seen": "Loud landing"}, {"fix": "Freeze on two feet", "seen": "One foot after the other"}], "tell-me": "Could you hear it?", "from-age": 4, "question": "Is the landing quiet, on two feet?", "prerequisites": ["jump-for-distance/bend"]}], "name": "Jump for distance and landing", "sets": [{"key": "jump-for-distance/components", "cues": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body"], "kind": "components", "name": "Six components"}, {"key": "jump-for-distance/short", "cues": ["jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "kind": "short", "name": "Three calls"}], "action": "kick", "ladder": "locomotor"}, "skills/kick-for-distance.yaml": {"key": "kick-for-distance", "cues": [{"key": "kick-for-distance/eyes-on-ball", "body": "eyes", "call": "Eyes on the seam", "view": "from the front", "phase": "ready", "faults": [{"fix": "Read a letter chalked on the ball", "seen": "Looks at where it should go"}, {"fix": "Say gone only when you hear the kick", "seen": "The head comes up early"}], "tell-me": "What did you see at the kick?", "from-age": 4, "question": "Do the eyes stay on the ball until it has left the foot?"}, {"key": "kick-for-distance/last-step-long", "body": "legs", "call": "Long last step", "view": "from the side", "phase": "wind-up", "faults": [{"fix": "Lay a rope to leap over on the last step", "seen": "Small steps up to the ball"}, {"fix": "Walk, walk, leap", "seen": "Stops before the ball"}], "tell-me": "Which step is the biggest?", "from-age": 6, "question": "Is the last step before the kick the longest?"}, {"key": "kick-for-distance/stand-beside", "body": "standing foot", "call": "Plant beside", "view": "from behind", "phase": "action", "faults": [{"fix": "A spot marker beside the ball to plant on", "seen": "The {opposite foot} stays behind"}, {"fix": "A fist of room between foot and ball", "seen": "It lands too near"}], "tell-me": "Where do you plant your other foot?", "from-age": 5, "question": "Does the {opposite foot} land beside the ball?"}, {"key": "kick-for-distance/leg-back", "body": "leg", "call": "Heel to seat", "view": "from the {kicking side}", "phase": "wind-up", "faults": [{"fix": "Touch the heel with a hand behind you", "seen": "The leg swings stiffly"}, {"fix": "Two slow swings before the kick", "seen": "Hardly any swing"}], "tell-me": "Show me how far your heel goes back.", "from-age": 6, "question": "Does the {kicking foot} swing back behind the body with a well bent knee?", "prerequisites": ["kick-for-distance/stand-beside"]}, {"key": "kick-for-distance/laces", "body": "kicking foot", "call": "Laces on it", "view": "from the {kicking side}, crouching", "phase": "release", "faults": [{"fix": "Point the toe at the floor, and hold it there", "seen": "The toe meets it"}, {"fix": "Run up in a straight line first", "seen": "The inner side meets it"}], "tell-me": "Touch the part that meets the ball.", "from-age": 5, "question": "Does the top of the {kicking foot}, where the laces are, meet the ball?"}, {"key": "kick-for-distance/through", "body": "leg", "call": "Kick through it", "view": "from the side", "phase": "follow-through", "faults": [{"fix": "Kick, and hop once on the other foot", "seen": "The leg stops at the ball"}, {"fix": "Let the foot point after the ball", "seen": "The leg swings across"}], "tell-me": "Where is your foot when the ball is away?", "from-age": 6, "question": "Does the {kicking foot} swing on high after the ball?", "prerequisites": ["kick-for-distance/leg-back"]}, {"key": "kick-for-distance/watch", "body": "eyes", "call": "Watch it", "view": "from the front", "phase": "ready", "faults": [{"fix": "Tell me the colour", "seen": "Looks away"}, {"fix": "Say now at the kick", "seen": "Closes the eyes"}], "tell-me": "What do you watch?", "from-age": 4, "question": "Is the child looking at the ball when it kicks?"}, {"key": "kick-for-distance/step-up", "body": "feet", "call": "Step up", "view": "from the side", "phase": "action", "faults": [{"fix": "Step on the spot marker", "seen": "Kicks while standing far off"}, {"fix": "Stop and kick", "seen": "Walks into the ball"}], "tell-me": "Show me the step.", "from-age": 4, "question": "Does a foot step beside the ball before the kick?"}, {"key": "kick-for-distance/big-swing", "body": "leg", "call": "Big swing", "view": "from the side", "phase": "action", "faults": [{"fix": "Swing like a bell", "seen": "Pokes at it"}, {"fix": "Arms out like wings", "seen": "Falls over"}], "tell-me": "Show me the swing without a ball.", "from-age": 4, "question": "Does the leg swing from behind the body to the front?"}], "name": "Kick for distance", "sets": [{"key": "kick-for-distance/components", "cues": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through"], "kind": "components", "name": "Six components"}, {"key": "kick-for-distance/short", "cues": ["kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "kind": "short", "name": "Three calls"}], "action": "kick", "ladder": "sending"}, "activities/underarm-throw.yaml": {"activities": [{"how": "No bag. Carry a make-believe lantern: swing it back past the leg, step and let its light fall on the wall ahead. Slow, then in time with the calls.", "key": "lantern-swing", "ages": [4, 12], "name": "Lantern Swing", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/swing-through", "underarm-throw/step"], "skill": "underarm-throw", "space": {"each": 1.6, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed", "with the eyes shut"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "question": "Which way does the light point at the end?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "No bag. One throws in slow motion, the other says where the hand opened: knee, hip or chest. Change after five.", "key": "slow-tide-throws", "odd": "three make a thrower and two judges.", "ages": [5, 12], "name": "Slow Tide Throws", "rung": 1, "cycle": {"act": 8, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/let-go", "underarm-throw/other-foot", "underarm-throw/step"], "skill": "underarm-throw", "space": {"each": 1.4, "long": 4}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [4, 7], "question": "Where does the hand open for a low throw?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "A hoop three paces away is the quay. Two bags each turn, underarm; the partner stands beside the hoop, says where they landed and brings them back.", "key": "cargo-to-the-quay", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 2, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "quay", "count": 1, "width": [200, 2600], "traits": ["flat"]}], "odd": "a three takes turns round.", "ages": [4, 10], "name": "Cargo to the Quay", "rung": 2, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 0}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/swing-back", "underarm-throw/let-go", "underarm-throw/swing-through"], "skill": "underarm-throw", "space": {"each": 1.4, "long": 5}, "counts": "a bag that lands inside, or touches the rim", "layout": "pairs-docks", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 45, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "What did you change after the first one?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three paces from the wall. Throw underarm so that the bag meets the wall at head height and drops. Fetch it, feet set, again. Ten, then a pace back.", "key": "wall-lobs", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 1, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}], "ages": [5, 12], "name": "Wall Lobs", "rung": 2, "cycle": {"act": 3, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/step"], "skill": "underarm-throw", "space": {"each": 1.2, "long": 4}, "counts": "a bag that meets the wall between hip and head", "layout": "wall", "levers": [{"name": "distance", "steps": ["3 paces", "4 paces", "5 paces"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["wall-permission", "one-way"], "question": "What makes it meet the wall higher?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "Two ropes are the banks. Throw to a partner across; after five catches move one bank out by a foot, after two drops move it in.", "key": "over-the-river", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 1, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}, {"per": "group", "like": "rope", "role": "marker", "what": "river bank", "count": 2, "width": [80, 2600], "traits": ["flat"]}], "odd": "in a three the bag goes round.", "ages": [5, 12], "name": "Over the River", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 1, "reset": 2}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/other-foot", "underarm-throw/finish", "underarm-throw/step"], "skill": "underarm-throw", "space": {"each": 1.3, "long": 6}, "counts": "a catch on the full", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m", "5 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["airborne"], "question": "How do you throw so that it is easy to catch?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three steps apart. The catcher calls high or low water: a throw that rises above the head, or one below the shoulders. Change roles after six.", "key": "high-and-low-water", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 1, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}], "odd": "in a three the one without the bag calls.", "ages": [6, 12], "name": "High and Low Water", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 1, "reset": 2}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/let-go", "underarm-throw/swing-back", "underarm-throw/swing-through"], "skill": "underarm-throw", "space": {"each": 1.3, "long": 6}, "counts": "a catch of the throw that was called", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 15, "minutes": [5, 9], "cautions": ["airborne"], "question": "What does your hand do later for a high one?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three islands in each lane at two, three and five metres. Name one, throw underarm, then the next; all fetch on the signal.", "key": "three-islands", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 3, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "island", "count": 3, "width": [200, 2600], "traits": ["flat"]}], "ages": [6, 12], "name": "Three Islands", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/eyes-on-target", "underarm-throw/finish", "underarm-throw/look"], "skill": "underarm-throw", "space": {"each": 1.6, "long": 7.5}, "counts": "a bag that lands on the island that was named", "layout": "lanes-islands", "levers": [{"name": "distance", "steps": ["2 m island", "3 m island", "5 m island"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 60, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "From where do you hit six of ten?", "formation": {"kind": "lanes", "sizes": [2, 3, 5]}}, {"how": "Two hits from two metres and you may step back a foot; two misses and you step in. How high up the ladder do you get?", "key": "ladder-to-the-deck", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 2, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "deck", "count": 1, "width": [200, 2600], "traits": ["flat"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "ages": [5, 12], "name": "Ladder to the Deck", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/swing-back", "underarm-throw/let-go", "underarm-throw/finish"], "skill": "underarm-throw", "space": {"each": 1.6, "long": 6.5}, "counts": "a bag that comes to rest on the deck", "layout": "lanes-deck", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m", "5 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "What changed as you went back?", "formation": {"kind": "lanes", "sizes": [2, 3, 5]}}, {"how": "One child pulls a hoop slowly along a line across the lane, the others throw into it as it passes. Change the puller after six.", "key": "drifting-buoy", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 2, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "buoy", "count": 1, "width": [200, 2600], "traits": ["flat"]}], "ages": [7, 12], "name": "Drifting Buoy", "rung": 5, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 2}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/eyes-on-target", "underarm-throw/look", "underarm-throw/finish"], "skill": "underarm-throw", "space": {"each": 2.2, "long": 6}, "counts": "a bag that lands in the moving hoop", "layout": "lanes-drift", "levers": [{"name": "speed", "steps": ["a slow walk", "a walk", "a quick walk"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 8], "cautions": ["one-way", "loose-balls"], "question": "Do you aim at the hoop, or where it will be?", "formation": {"kind": "lanes", "sizes": [3, 3, 4]}}, {"how": "Each crew fills its hold: a throw a turn from the line, fetch your own if it misses and go to the back of the crew. Which crew stows eight first?", "key": "stow-the-hold", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 4, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "hold", "count": 1, "width": [200, 2600], "traits": ["flat"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "ages": [4, 9], "name": "Stow the Hold", "rung": 2, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 0}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/swing-back", "underarm-throw/look", "underarm-throw/swing-through"], "skill": "underarm-throw", "space": {"each": 2, "long": 6}, "counts": "a bag that lies wholly in the hold", "layout": "lanes-deck", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m"], "usual": 0}], "phases": ["play"], "set-up": 60, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "How many bags are still to stow?", "formation": {"kind": "lanes", "sizes": [3, 4, 6]}}, {"how": "Each catch on the full carries one passenger over; the class counts together towards a hundred. A drop costs nothing but the time.", "key": "ferry-catches", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 1, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}], "odd": "in a three the bag goes round.", "ages": [5, 12], "name": "Ferry Catches", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 1, "reset": 2}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/other-foot", "underarm-throw/finish", "underarm-throw/step"], "skill": "underarm-throw", "space": {"each": 1.3, "long": 6}, "counts": "a catch on the full with one hand or two", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["2 steps", "4 steps", "6 steps"], "usual": 0}], "phases": ["play"], "set-up": 10, "minutes": [6, 10], "cautions": ["airborne"], "question": "How many are still on the other side?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "A spot is the lamp. One bag each; the nearest scores one, two that touch it score two. The winner of a round throws first.", "key": "nearest-the-lamp", "kit": [{"per": "group", "like": "beanbag", "role": "sent", "what": "bag", "count": 3, "grams": 200, "width": [60, 130], "traits": ["soft", "grips"]}, {"per": "group", "like": "spot", "role": "marker", "what": "lamp", "count": 1, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Nearest the Lamp", "rung": 4, "cycle": {"act": 5, "back": 2, "fetch": 3, "reset": 2}, "hosts": ["underarm-throw/eyes-on-target", "underarm-throw/swing-back", "underarm-throw/other-foot", "underarm-throw/let-go", "underarm-throw/finish", "underarm-throw/look", "underarm-throw/step", "underarm-throw/swing-through"], "shows": ["underarm-throw/let-go", "underarm-throw/eyes-on-target", "underarm-throw/look"], "skill": "underarm-throw", "space": {"each": 1.6, "long": 7}, "counts": "the nearest edge; a tie goes to the bag that touches more", "layout": "lanes-lamp", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m", "6 m"], "usual": 1}], "phases": ["play"], "set-up": 45, "minutes": [6, 10], "cautions": ["one-way", "loose-balls"], "question": "Would you rather be a little long or a little short?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}]}, "activities/inside-foot-pass.yaml": {"activities": [{"how": "No ball. Walk, stop beside a make-believe ball, open the foot like a door and sweep it along the floor like a broom. Other foot too.", "key": "broom-steps", "ages": [4, 12], "name": "Broom Steps", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["inside-foot-pass/beside", "inside-foot-pass/open-foot", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/open-foot", "inside-foot-pass/beside", "inside-foot-pass/inside", "inside-foot-pass/stop-beside"], "skill": "inside-foot-pass", "space": {"each": 1.6, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed", "with the eyes shut"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "question": "Which side of the shoe would be dusty?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "No ball. Face to face, one shows the pass in slow motion, the other is the mirror and says stand, open, follow. Change after five.", "key": "mirror-at-the-pier", "odd": "three make a mirror with two copies.", "ages": [5, 12], "name": "Mirror at the Pier", "rung": 1, "cycle": {"act": 8, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["inside-foot-pass/beside", "inside-foot-pass/open-foot", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/open-foot", "inside-foot-pass/beside", "inside-foot-pass/stop-beside"], "skill": "inside-foot-pass", "space": {"each": 1.4, "long": 4}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [4, 7], "question": "What was missing the first time?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three paces from the wall. Pass along the floor, stop the return with the sole, set the standing foot again. Ten, then a pace back.", "key": "quay-wall-passes", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "ages": [5, 12], "name": "Quay Wall Passes", "rung": 2, "cycle": {"act": 3, "back": 2, "fetch": 3, "reset": 0}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/inside"], "skill": "inside-foot-pass", "space": {"each": 1.4, "long": 4}, "counts": "a pass that stays on the floor there and back", "layout": "wall", "levers": [{"name": "distance", "steps": ["3 paces", "4 paces", "5 paces"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["wall-permission", "loose-balls"], "question": "What keeps it quiet?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "A lock as wide as a stride lies between partners. Pass the ball through it along the floor; the partner stops it and passes back.", "key": "wide-lock", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "lock gate", "count": 2, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three the ball goes round.", "ages": [5, 10], "name": "Wide Lock", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 3}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/stop-beside"], "skill": "inside-foot-pass", "space": {"each": 1.6, "long": 5}, "counts": "a ball through the lock without a touch", "layout": "pairs-gates", "levers": [{"name": "gate", "steps": ["1.5 m wide", "1.2 m wide", "0.9 m wide"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 45, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "Where did your toes point?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Partners four steps apart pass and stop. Ten that need no step to the side, then one step back each. After a miss a step in.", "key": "ferry-passes", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "odd": "in a three the ball goes round.", "ages": [5, 12], "name": "Ferry Passes", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 1, "reset": 2}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/beside", "inside-foot-pass/follow", "inside-foot-pass/stop-beside"], "skill": "inside-foot-pass", "space": {"each": 1.4, "long": 6}, "counts": "a pass the partner stops without a step to the side", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m", "6 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 15, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "What does your foot do after the ball has gone?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "One touch to stop, one to pass. Count how many in a row; a third touch starts the count again.", "key": "two-touch-tide", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "odd": "in a three the ball goes round.", "ages": [6, 12], "name": "Two Touch Tide", "rung": 3, "cycle": {"act": 3, "back": 0, "fetch": 1, "reset": 2}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/open-foot", "inside-foot-pass/look", "inside-foot-pass/inside"], "skill": "inside-foot-pass", "space": {"each": 1.4, "long": 6}, "counts": "a stop and a pass with two touches", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "When did you look up?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three moorings at three, four and five metres. Name one and pass so that the ball runs over it; fetch and hand on.", "key": "three-moorings", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "aimed-at", "what": "mooring", "count": 3, "width": [150, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Three Moorings", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/toes-there", "inside-foot-pass/follow", "inside-foot-pass/eyes-on-ball"], "skill": "inside-foot-pass", "space": {"each": 1.8, "long": 7.5}, "counts": "a ball that runs over the mooring that was named", "layout": "lanes-marks", "levers": [{"name": "distance", "steps": ["3 m mark", "4 m mark", "5 m mark"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "From where do six of ten run over it?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "The lock is only a little wider than the ball at first sight. Three through it and both go a step back.", "key": "narrow-lock", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "lock gate", "count": 2, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three the ball goes round.", "ages": [7, 12], "name": "Narrow Lock", "rung": 4, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 3}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/middle", "inside-foot-pass/toes-there", "inside-foot-pass/inside"], "skill": "inside-foot-pass", "space": {"each": 1.6, "long": 7}, "counts": "a ball through the lock without a touch", "layout": "pairs-gates", "levers": [{"name": "gate", "steps": ["0.9 m wide", "0.7 m wide", "0.5 m wide"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 45, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "Which foot decides the direction?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "The partner walks along a line; pass so that the ball meets the walker without a stop. Change after six.", "key": "moving-ferry", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "odd": "a three passes round in one direction.", "ages": [7, 12], "name": "Moving Ferry", "rung": 5, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 3}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/follow", "inside-foot-pass/look"], "skill": "inside-foot-pass", "space": {"each": 2, "long": 8}, "counts": "a pass that meets the walker in stride", "layout": "pairs-moving", "levers": [{"name": "speed", "steps": ["a slow walk", "a walk", "a jog"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 8], "cautions": ["loose-balls", "head-up"], "question": "Do you pass to the feet or ahead of them?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three skittles are lighthouses. One pass a turn along the floor; one child kneels beside the lane and stands up what falls.", "key": "lighthouse-skittles", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "skittle", "role": "toppled", "what": "skittle", "count": 3, "width": [50, 150], "traits": ["stands"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "ages": [4, 10], "name": "Lighthouse Skittles", "rung": 2, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 5}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/open-foot", "inside-foot-pass/beside", "inside-foot-pass/inside", "inside-foot-pass/stop-beside"], "skill": "inside-foot-pass", "space": {"each": 2, "long": 6.5}, "counts": "a skittle that lies down", "layout": "lanes-lights", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m"], "usual": 0}], "phases": ["play"], "set-up": 60, "minutes": [5, 9], "cautions": ["one-way", "standing-things"], "question": "How many lighthouses are dark?", "formation": {"kind": "lanes", "sizes": [3, 4, 5]}}, {"how": "Bring the ship in: twenty clean passes with a partner, then both sit down. The whole class counts how many ships are in when the horn sounds.", "key": "pilot-passes", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "odd": "in a three the ball goes round.", "ages": [6, 12], "name": "Pilot Passes", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 1, "reset": 2}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/beside", "inside-foot-pass/follow", "inside-foot-pass/middle"], "skill": "inside-foot-pass", "space": {"each": 1.4, "long": 6}, "counts": "a pass that is stopped with one touch", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m"], "usual": 0}], "phases": ["play"], "set-up": 10, "minutes": [6, 10], "cautions": ["loose-balls"], "question": "What slowed you down?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Two gates of markers, a near wide one and a far narrow one. A pass through the near gate scores one, through both scores three.", "key": "channel-markers", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "channel marker", "count": 4, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Channel Markers", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["inside-foot-pass/eyes-on-ball", "inside-foot-pass/beside", "inside-foot-pass/toes-there", "inside-foot-pass/open-foot", "inside-foot-pass/middle", "inside-foot-pass/follow", "inside-foot-pass/look", "inside-foot-pass/stop-beside", "inside-foot-pass/inside"], "shows": ["inside-foot-pass/toes-there", "inside-foot-pass/middle", "inside-foot-pass/eyes-on-ball"], "skill": "inside-foot-pass", "space": {"each": 1.8, "long": 7.5}, "counts": "a ball through a gate without a touch", "layout": "lanes-channel", "levers": [{"name": "gate", "steps": ["1.5 m and 1 m wide", "1 m and 0.7 m wide"], "usual": 0}], "phases": ["play"], "set-up": 50, "minutes": [6, 10], "cautions": ["one-way", "loose-balls"], "question": "Is the safe point or the hard one worth more today?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}]}, "activities/jump-for-distance.yaml": {"activities": [{"how": "No jump yet: small like a frog, arms back, arms to the sky on the toes, small again. Slow, then to your call.", "key": "frog-statues", "ages": [4, 10], "name": "Frog Statues", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/crouch", "jump-for-distance/arms-back", "jump-for-distance/bend", "jump-for-distance/swing"], "skill": "jump-for-distance", "space": {"each": 1.6, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "cautions": ["head-up"], "question": "Where are the hands when you are lowest?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "A little jump on the spot, and land like snow: nobody may hear it, and the knees give. Hold each landing while you count three.", "key": "snow-landings", "ages": [4, 12], "name": "Snow Landings", "rung": 1, "cycle": {"act": 5, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/soft-landing", "jump-for-distance/two-feet", "jump-for-distance/quiet"], "skill": "jump-for-distance", "space": {"each": 1.6, "long": 6}, "counts": "a landing held for three", "layout": "clear", "levers": [{"name": "height", "steps": ["a hand high", "as high as you like"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "cautions": ["head-up"], "question": "Which joints gave way?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Four stones a small jump apart. Jump beside each with two feet, stand still, then the next; walk back along the side.", "key": "stepping-stones", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "stone", "count": 4, "width": [80, 700], "traits": ["flat"]}], "ages": [4, 10], "name": "Stepping Stones", "rung": 2, "cycle": {"act": 8, "back": 3, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/quiet"], "skill": "jump-for-distance", "space": {"each": 1.6, "long": 6}, "counts": "a jump with a landing that stands still", "layout": "lanes-stones", "levers": [{"name": "gap", "steps": ["0.6 m apart", "0.8 m apart", "1 m apart"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 8], "cautions": ["head-up"], "question": "What makes you stand still at once?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "Side by side with a partner: small, arms back, jump together, land together, freeze. Three that look alike, then a little further.", "key": "twin-jumps", "odd": "three jump as triplets.", "ages": [5, 12], "name": "Twin Jumps", "rung": 2, "cycle": {"act": 8, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/swing", "jump-for-distance/bend"], "skill": "jump-for-distance", "space": {"each": 1.6, "long": 5}, "counts": "two landings at the same moment", "layout": "clear", "levers": [{"name": "distance", "steps": ["one shoe", "two shoes", "three shoes"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 5, "minutes": [5, 8], "cautions": ["head-up"], "question": "Who helped whom to jump together?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Two ropes are the banks, narrow at one end and wide at the other. Choose where to jump across; next time a foot further up if you landed quietly.", "key": "cross-the-creek", "kit": [{"per": "group", "like": "rope", "role": "marker", "what": "bank", "count": 2, "width": [80, 2600], "traits": ["flat"]}], "ages": [5, 12], "name": "Cross the Creek", "rung": 3, "cycle": {"act": 5, "back": 4, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/two-feet", "jump-for-distance/swing"], "skill": "jump-for-distance", "space": {"each": 1.8, "long": 5}, "counts": "a jump that clears both ropes with a quiet landing", "layout": "lanes-creek", "levers": [{"name": "creek", "steps": ["0.6 m to 1 m", "0.8 m to 1.4 m", "1 m to 1.8 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["head-up"], "question": "What did the arms do at the wide end?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "Jump at full speed from a line; the partner lays the mark at the heel that landed nearest. Three tries to move your mark.", "key": "sea-marks", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "mark", "count": 1, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three two watch.", "ages": [6, 12], "name": "Sea Marks", "rung": 3, "cycle": {"act": 6, "back": 4, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/long-body", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/swing"], "skill": "jump-for-distance", "space": {"each": 1.6, "long": 5}, "counts": "the heel nearest to the line, after a landing that stands", "layout": "pairs-marks", "levers": [{"name": "take-off", "steps": ["from a stand", "after one step"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 20, "minutes": [5, 9], "cautions": ["head-up"], "question": "Which try was longest, and why?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Forward, to a side, a quarter turn, backwards only a little: jump to the call of the compass and freeze on two feet.", "key": "compass-jumps", "ages": [6, 12], "name": "Compass Jumps", "rung": 4, "cycle": {"act": 5, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/soft-landing", "jump-for-distance/crouch", "jump-for-distance/quiet", "jump-for-distance/bend"], "skill": "jump-for-distance", "space": {"each": 1.9, "long": 6}, "counts": "a landing that stands still and faces the call", "layout": "clear", "levers": [{"name": "turn", "steps": ["forward and sideways", "a quarter turn", "a half turn"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [5, 8], "cautions": ["head-up"], "question": "How do you stop a turn?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Marks lie to the left and the right in turn. Two-footed jumps from side to side through the reef, quiet all the way; back along the edge.", "key": "zigzag-reef", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "reef mark", "count": 5, "width": [80, 700], "traits": ["flat"]}], "ages": [5, 12], "name": "Zigzag Reef", "rung": 4, "cycle": {"act": 8, "back": 3, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/two-feet", "jump-for-distance/throw-arms", "jump-for-distance/soft-landing", "jump-for-distance/swing"], "skill": "jump-for-distance", "space": {"each": 2, "long": 6}, "counts": "a passage without a touch", "layout": "lanes-stones", "levers": [{"name": "gap", "steps": ["0.6 m apart", "0.9 m apart"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["head-up"], "question": "Where do you look while you land?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "Frogs move only by two-footed jumps with quiet landings; two crabs catch at a walk. Whoever is caught makes three perfect landings and plays on.", "key": "crab-and-frogs", "ages": [5, 12], "name": "Crab and Frogs", "rung": 5, "cycle": {"act": 5, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/crouch", "jump-for-distance/quiet", "jump-for-distance/two-feet", "jump-for-distance/bend"], "skill": "jump-for-distance", "space": {"each": 2, "long": 8}, "counts": "a minute without being caught", "layout": "clear", "levers": [{"name": "crabs", "steps": ["one crab", "two crabs", "four crabs"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 5, "minutes": [4, 7], "cautions": ["head-up", "running"], "question": "Is a long jump always the best escape?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Islands lie in the sea. Jump from one to the next on two feet; at the horn freeze on an island, two at most on each.", "key": "island-hop", "kit": [{"per": "class", "like": "spot", "role": "marker", "what": "island", "count": 20, "width": [80, 700], "traits": ["flat"]}], "ages": [4, 9], "name": "Island Jumps", "rung": 2, "cycle": {"act": 5, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/quiet"], "skill": "jump-for-distance", "space": {"each": 1.9, "long": 7}, "counts": "an island reached with a quiet landing", "layout": "scatter-islands", "levers": [{"name": "gap", "steps": ["near islands", "far islands"], "usual": 0}], "phases": ["play"], "set-up": 40, "minutes": [5, 9], "cautions": ["head-up"], "question": "How many islands did you visit?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "The crew builds a bridge of jumps: the second starts where the first landed. Mark where the last one lands, and try to build it longer.", "key": "longest-bridge", "kit": [{"per": "group", "like": "spot", "role": "marker", "what": "mark", "count": 1, "width": [80, 700], "traits": ["flat"]}], "ages": [5, 12], "name": "Longest Bridge", "rung": 3, "cycle": {"act": 6, "back": 3, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/arms-back", "jump-for-distance/swing"], "skill": "jump-for-distance", "space": {"each": 1.8, "long": 8}, "counts": "where the last heel lands, if all landings stood", "layout": "lanes-bridge", "levers": [{"name": "take-off", "steps": ["from a stand", "after one step"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [6, 10], "cautions": ["head-up"], "question": "How much longer was the second bridge?", "formation": {"kind": "lanes", "sizes": [3, 4, 5]}}, {"how": "Cross from side to side by two-footed jumps over the dunes, each crossing over other ones. Count crossings with every landing quiet; a loud one starts again.", "key": "fox-of-the-dunes", "kit": [{"per": "class", "like": "spot", "role": "marker", "what": "dune", "count": 14, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Dune Crossing", "rung": 4, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["jump-for-distance/crouch", "jump-for-distance/two-feet", "jump-for-distance/soft-landing", "jump-for-distance/arms-back", "jump-for-distance/throw-arms", "jump-for-distance/long-body", "jump-for-distance/bend", "jump-for-distance/swing", "jump-for-distance/quiet"], "shows": ["jump-for-distance/crouch", "jump-for-distance/soft-landing", "jump-for-distance/two-feet", "jump-for-distance/bend"], "skill": "jump-for-distance", "space": {"each": 2, "long": 8}, "counts": "a crossing with quiet landings", "layout": "scatter-islands", "levers": [{"name": "crossing", "steps": ["over three dunes", "over five dunes"], "usual": 0}], "phases": ["play"], "set-up": 40, "minutes": [6, 10], "cautions": ["head-up"], "question": "What did you change when you were tired?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}]}, "activities/kick-for-distance.yaml": {"activities": [{"how": "No ball. Arms out like wings, swing the leg like a bell: far back, through, high. Then a step, plant and swing. Both legs.", "key": "bell-swings", "ages": [4, 12], "name": "Bell Swings", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["kick-for-distance/stand-beside", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/big-swing"], "skill": "kick-for-distance", "space": {"each": 1.8, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "cautions": ["head-up"], "question": "What keeps you standing while the leg swings?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "No ball. Walk, walk, leap and plant the foot beside the spot, the other leg ready behind. Freeze there; then let it swing.", "key": "leap-and-plant", "kit": [{"per": "child", "like": "spot", "role": "marker", "what": "spot", "count": 1, "width": [80, 700], "traits": ["flat"]}], "ages": [5, 12], "name": "Leap and Plant", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["kick-for-distance/stand-beside", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/last-step-long", "kick-for-distance/stand-beside", "kick-for-distance/step-up"], "skill": "kick-for-distance", "space": {"each": 1.8, "long": 6}, "layout": "scatter-spots", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 20, "minutes": [4, 7], "cautions": ["head-up"], "question": "Which foot stands, and which is ready?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Four paces from the wall, the ball still. Two steps, plant, laces: kick it low against the wall, stop what comes back, lay it still again. Six kicks.", "key": "sea-wall-kicks", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "ages": [5, 12], "name": "Sea Wall Kicks", "rung": 2, "cycle": {"act": 4, "back": 3, "fetch": 5, "reset": 0}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/laces", "kick-for-distance/eyes-on-ball", "kick-for-distance/watch"], "skill": "kick-for-distance", "space": {"each": 1.8, "long": 6}, "counts": "a kick that meets the wall below the shoulder", "layout": "wall", "levers": [{"name": "distance", "steps": ["3 paces", "4 paces", "6 paces"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["wall-permission", "one-way"], "question": "What did it sound like when the laces met it?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "A harbour mouth three strides wide. Kick the still ball through it to the partner, who gathers it, lays it still and kicks it back.", "key": "wide-harbour", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "harbour mark", "count": 2, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three the ball goes round.", "ages": [4, 10], "name": "Wide Harbour", "rung": 2, "cycle": {"act": 4, "back": 2, "fetch": 4, "reset": 2}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/stand-beside", "kick-for-distance/through", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "skill": "kick-for-distance", "space": {"each": 2, "long": 7}, "counts": "a ball through the mouth", "layout": "pairs-gates", "levers": [{"name": "distance", "steps": ["4 m", "5 m", "6 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["loose-balls", "one-way"], "question": "Where was your standing foot?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Six steps apart. Kick with a run of three steps so that the partner can gather it without running. After three good ones each goes two steps back.", "key": "long-haul", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "odd": "in a three the ball goes round.", "ages": [6, 12], "name": "Long Haul", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 3}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/last-step-long", "kick-for-distance/through", "kick-for-distance/big-swing"], "skill": "kick-for-distance", "space": {"each": 2, "long": 8}, "counts": "a kick that is gathered within two steps", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["5 m", "7 m", "8 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 15, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "What grew with the distance: the swing or the run?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "The kicker freezes after each kick; the partner looks where the anchor foot stands, shows it with a hand, and kicks back. Six each.", "key": "quiet-anchor", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "odd": "in a three one is the judge.", "ages": [5, 12], "name": "Quiet Anchor", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 3}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/stand-beside", "kick-for-distance/leg-back", "kick-for-distance/step-up"], "skill": "kick-for-distance", "space": {"each": 2, "long": 7}, "counts": "a kick with the anchor beside the ball", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["4 m", "5 m", "7 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "What happens when the anchor stands behind?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Marks make three berths, near, middle and far. Say which one, and kick so that the ball crosses it; fetch on the signal.", "key": "three-berths", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "berth mark", "count": 4, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Three Berths", "rung": 4, "cycle": {"act": 5, "back": 3, "fetch": 5, "reset": 0}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/eyes-on-ball", "kick-for-distance/laces", "kick-for-distance/watch"], "skill": "kick-for-distance", "space": {"each": 2.2, "long": 8}, "counts": "a ball that crosses the berth that was named", "layout": "lanes-berths", "levers": [{"name": "distance", "steps": ["4 m berth", "6 m berth", "8 m berth"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "How do you kick for the near one?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "Three kicks each with all your swing; the crew marks the furthest with a spot and tries to move it on. Count to three between kicks.", "key": "measured-miles", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "mile mark", "count": 3, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Measured Miles", "rung": 4, "cycle": {"act": 5, "back": 3, "fetch": 5, "reset": 0}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/leg-back", "kick-for-distance/last-step-long", "kick-for-distance/big-swing"], "skill": "kick-for-distance", "space": {"each": 2.2, "long": 8}, "counts": "where the ball first touches the floor or the back-stop", "layout": "lanes-berths", "levers": [{"name": "run", "steps": ["from a stand", "one step", "three steps"], "usual": 2}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "Which of your three kicks was longest, and why?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}, {"how": "The partner rolls the ball gently from the side; step up, plant and kick it while it moves. Change after five.", "key": "rolling-start", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "odd": "in a three one gathers.", "ages": [7, 12], "name": "Rolling Start", "rung": 5, "cycle": {"act": 5, "back": 0, "fetch": 4, "reset": 3}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/watch", "kick-for-distance/step-up"], "skill": "kick-for-distance", "space": {"each": 2.2, "long": 8}, "counts": "a kick that leaves the ground cleanly or runs true", "layout": "pairs-facing", "levers": [{"name": "roll", "steps": ["slowly", "at a walk"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [5, 8], "cautions": ["one-way", "loose-balls"], "question": "When do you start to step?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Kick the still ball over the far line; fetch it on the signal and hand on. How many balls does the crew clear in the time?", "key": "clear-the-shallows", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "ages": [4, 10], "name": "Clear the Shallows", "rung": 2, "cycle": {"act": 4, "back": 2, "fetch": 5, "reset": 0}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/big-swing", "kick-for-distance/step-up", "kick-for-distance/laces"], "skill": "kick-for-distance", "space": {"each": 2, "long": 7}, "counts": "a ball that crosses the far line", "layout": "lanes-shallows", "levers": [{"name": "distance", "steps": ["4 m", "5 m", "7 m"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "How many more for twenty?", "formation": {"kind": "lanes", "sizes": [3, 4, 5]}}, {"how": "Ten kicks that the partner gathers bring one lifeboat home; then both take a step back and launch the next. Boats are counted for the whole class.", "key": "lifeboat-kicks", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}], "odd": "in a three the ball goes round.", "ages": [6, 12], "name": "Lifeboat Kicks", "rung": 3, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 3}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/through", "kick-for-distance/last-step-long", "kick-for-distance/step-up"], "skill": "kick-for-distance", "space": {"each": 2, "long": 8}, "counts": "a kick that is gathered within two steps", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["4 m", "6 m", "8 m"], "usual": 0}], "phases": ["play"], "set-up": 10, "minutes": [6, 10], "cautions": ["one-way", "loose-balls"], "question": "How many kicks make all our boats?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Lines of lights at four, six and eight metres count one, two and three. A kick a turn; the crew adds up, and may choose a nearer line to be sure.", "key": "far-lights", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [150, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "light", "count": 4, "width": [80, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Far Lights", "rung": 4, "cycle": {"act": 5, "back": 3, "fetch": 5, "reset": 0}, "hosts": ["kick-for-distance/eyes-on-ball", "kick-for-distance/stand-beside", "kick-for-distance/laces", "kick-for-distance/last-step-long", "kick-for-distance/leg-back", "kick-for-distance/through", "kick-for-distance/watch", "kick-for-distance/step-up", "kick-for-distance/big-swing"], "shows": ["kick-for-distance/leg-back", "kick-for-distance/laces", "kick-for-distance/watch"], "skill": "kick-for-distance", "space": {"each": 2.2, "long": 8}, "counts": "the furthest line that the ball crosses on the ground or in the air", "layout": "lanes-berths", "levers": [{"name": "run", "steps": ["from a stand", "one step", "three steps"], "usual": 1}], "phases": ["play"], "set-up": 50, "minutes": [6, 10], "cautions": ["one-way", "loose-balls"], "question": "Is one sure point worth more than three tries for three?", "formation": {"kind": "lanes", "sizes": [2, 3, 4]}}]}}', '2026-11-25 23:07:31.18067+00');


--
-- Data for Name: person; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.person VALUES ('01a214f6-d8ea-7867-9d64-2b78d5714f3c', 'demo', 'Robin Sedge', '{bcrypt}$2a$10$cqoXkVBmnSnBRX4NW1YMOOn6DIC0Bc5V81rHlncqb/wVKrZ7CUZH.', 0);
INSERT INTO public.person VALUES ('01a214f6-df74-770e-a19d-9ee289f79449', 'demo-assistant', 'Kit Pierpoint', '{bcrypt}$2a$10$c7oOkbjZF37/juD03TRvS.VBFEY97TlTfySf1sSH8NLlWdRgj3D8u', 0);


--
-- Data for Name: register_event; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: school; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.school VALUES ('01a214f6-d80b-7389-88b8-fa80b020dd25', 'Saltfern Primary', 'YEARS', 'Europe/London', 0, 'METRES', 75, 'the teacher', 'MONDAY', '{}', '[]', NULL, 'KEEP');


--
-- Data for Name: school_class; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.school_class VALUES ('01a214f6-dbbb-76db-a240-7360e067311a', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Dunlins', 5, 1, 0, 1, NULL);
INSERT INTO public.school_class VALUES ('01a214f6-dc8a-79d2-9c6e-efa7609d9509', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Sanderlings', 7, 1, 0, 1, NULL);
INSERT INTO public.school_class VALUES ('01a214f6-dd4a-719a-9315-d66742b547dd', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Turnstones', 9, 1, 0, 1, NULL);


--
-- Data for Name: sign_in_failure; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: space; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.space VALUES ('01a214f6-d9d3-744f-a9fe-ffc69635b8e4', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Hall', 1700, 950, 480, 'WOOD', 14, 0, 2, NULL);
INSERT INTO public.space VALUES ('01a214f6-d9d3-74bc-8af3-e78210f6a2c2', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Tarmac yard', 2800, 1800, NULL, 'TARMAC', 20, 0, 2, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4');
INSERT INTO public.space VALUES ('01a214f6-daaa-7e1f-aceb-381c0f447a5f', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Sloping field', 5000, 3000, NULL, 'GRASS', 0, 0, 5, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4');


--
-- Data for Name: space_feature; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.space_feature VALUES ('01a214f6-da37-763f-b901-905f46349f88', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'WALL', 'long wall', NULL, 150, 0, 1200, 0, 0, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da39-7c42-a4bb-4f7f4de2ddd6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'WALL', 'stage end', NULL, 1700, 100, 0, 750, 1, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da3a-7ef4-81d6-246b4fad511e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'DOOR', 'to the corridor', NULL, 0, 380, 0, 190, 2, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da3b-7583-b3b6-c3f65cd9217c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'DOOR', 'to the yard', NULL, 1400, 950, 200, 0, 3, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da3c-7afc-8aa8-5a454ba1b8c9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'HAZARD', 'piano', NULL, 60, 780, 160, 110, 4, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da3d-7535-94f8-8ec4a151dd57', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'HAZARD', 'radiator', NULL, 500, 935, 220, 15, 5, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da3d-7b1b-a403-3dd0b32691a4', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'LINE', '', 'WHITE', 850, 0, 0, 950, 6, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da3e-7851-83dc-4b987b070ea9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'LINE', '', 'YELLOW', 300, 100, 0, 750, 7, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da3e-7508-9606-7ea261bef847', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'LINE', '', 'YELLOW', 1400, 100, 0, 750, 8, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da3f-7b81-a710-3ebeda2994b3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 'CIRCLE', '', 'RED', 850, 475, 180, 0, 9, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da8e-7717-9683-5dbd933656bf', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 'WALL', 'boat-house wall', NULL, 0, 0, 2800, 0, 0, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da90-7505-a8db-4a7fdbb792e8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 'HAZARD', 'bench', NULL, 2620, 1500, 180, 50, 1, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da91-73e0-8847-8f0c20f96d3b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 'LINE', '', 'WHITE', 1400, 0, 0, 1800, 2, 0);
INSERT INTO public.space_feature VALUES ('01a214f6-da95-7c7e-804c-4f8ba5e25fe5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 'LINE', '', 'BLUE', 0, 900, 2800, 0, 3, 0);


--
-- Data for Name: term; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.term VALUES ('01a214f6-de3d-7438-b845-0ce8189b9047', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Herring term', '2026-09-21', '2027-01-08', 0);
INSERT INTO public.term VALUES ('01a214f6-de4b-7acd-9cd5-e10f5e652ef4', '01a214f6-d80b-7389-88b8-fa80b020dd25', 'Gannet term', '2027-01-25', '2027-04-16', 0);


--
-- Data for Name: timetable_slot; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.timetable_slot VALUES ('01a214f6-de6c-722e-aac9-73a2baefd21b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', 'WEDNESDAY', 'EVERY', '09:10:00', 30, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 0);
INSERT INTO public.timetable_slot VALUES ('01a214f6-deaf-7f46-8e2d-439d945b3b3a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'WEDNESDAY', 'EVERY', '10:10:00', 35, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 0);
INSERT INTO public.timetable_slot VALUES ('01a214f6-dee5-7f59-bdb6-5001e5e4ab14', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'FRIDAY', 'EVERY', '10:10:00', 35, '01a214f6-d9d3-744f-a9fe-ffc69635b8e4', 0);
INSERT INTO public.timetable_slot VALUES ('01a214f6-df1b-742c-b721-290c0c239c8c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', 'WEDNESDAY', 'EVERY', '11:00:00', 45, '01a214f6-d9d3-74bc-8af3-e78210f6a2c2', 0);


--
-- Data for Name: trial; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.trial VALUES ('01a214f6-ebed-70f6-acf6-b960d88008b6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 0, '2026-11-11 10:17:30+00', '2026-11-11 10:17:30+00', '2026-11-25 23:07:36.303363+00', 'b1ed3bd5111d378615ed5af038f917ab9999b04bad664384a0976636a90d9d60');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7c1b-aa38-9b46d2857e77', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 1, '2026-11-11 10:17:40+00', '2026-11-11 10:17:40+00', '2026-11-25 23:07:36.303363+00', 'dd8296d8a7da0395a106cc2e88641d41acf34034452076e7043bd17afe69a39e');
INSERT INTO public.trial VALUES ('01a214f6-ebee-72f0-8734-bc95b6e4ec3c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7067-a65b-2a4a7d23235f', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 2, '2026-11-11 10:17:50+00', '2026-11-11 10:17:50+00', '2026-11-25 23:07:36.303363+00', 'e7f13b385a3da458ec17ec34e42bdd3ed8ac1637070297c806fec4d3669b04d8');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7f16-8e06-05110eaf729e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-710b-bcd1-70d8a5845080', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 3, '2026-11-11 10:18:00+00', '2026-11-11 10:18:00+00', '2026-11-25 23:07:36.303363+00', 'b3cd9601288d78d3b122407ea7f8232778acfd5376ac8c8a7ddbd6ae4055d870');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7439-a727-807d4105f10b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 4, '2026-11-11 10:18:10+00', '2026-11-11 10:18:10+00', '2026-11-25 23:07:36.303363+00', '620dc74ab206c43f6de5bdf1dcb74953f6618be6b22b41b1f289d2231b6379c9');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7496-ab6f-6dcbf4d71b62', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 5, '2026-11-11 10:18:20+00', '2026-11-11 10:18:20+00', '2026-11-25 23:07:36.303363+00', '2f3473222475b71f15aa57504cd292f204ad6140d3b250211237319d2851091c');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7256-9949-f7a4f05f10be', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 6, '2026-11-11 10:18:30+00', '2026-11-11 10:18:30+00', '2026-11-25 23:07:36.303363+00', '5b5b43fe22eb84ad65d6c9ca4fc713714f68969fa168f0e6047f943ed1c58bcd');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7ca4-8744-7ce2c7473bd9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-74e6-a32b-96c371062e7f', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 7, '2026-11-11 10:18:40+00', '2026-11-11 10:18:40+00', '2026-11-25 23:07:36.303363+00', 'b71d4b5a41c11f0fbfcf2a8f85ab4d37386e76b61656e177a1b1922f4e16b673');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7466-80d9-7fae6fa1d292', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7c89-96ca-2e9d56a81177', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 8, '2026-11-11 10:18:50+00', '2026-11-11 10:18:50+00', '2026-11-25 23:07:36.303363+00', 'b3d1c132e8bd9f2c2e4e0438eec1552c9df607197bf25193632cd167aff2034b');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7bb3-813c-e8743d96a156', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7182-a2ba-f8fc72838710', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 9, '2026-11-11 10:19:00+00', '2026-11-11 10:19:00+00', '2026-11-25 23:07:36.303363+00', '9653d3dd706c57e0fd501047d410356adcc11f94b5df2d3162b80eaf55c6dbea');
INSERT INTO public.trial VALUES ('01a214f6-ebee-780d-bed9-44e1b72ffb5d', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7404-93e1-e5972574df80', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 10, '2026-11-11 10:19:10+00', '2026-11-11 10:19:10+00', '2026-11-25 23:07:36.303363+00', '02282f109b72970c9f566ffa967f092bc5bfedb0f5deb8b790c2fa94cc61bc9b');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7628-a183-3fe21214d014', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7726-824a-94b7c05cd53b', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 11, '2026-11-11 10:19:20+00', '2026-11-11 10:19:20+00', '2026-11-25 23:07:36.303363+00', '35e7d4b6450d2c9957b8a9eca69c117b9d1fa24ddabc3e2f00eb2fbf31f29b56');
INSERT INTO public.trial VALUES ('01a214f6-ebee-702b-9d8f-bdae441ddc9e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7522-95e0-12cbf4bfa1df', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 12, '2026-11-11 10:19:30+00', '2026-11-11 10:19:30+00', '2026-11-25 23:07:36.303363+00', '5469e19c2daeee50304960f3d2135ada0fba497afc4176483d1c5ed053182f07');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7bd7-8666-060494881513', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-71f0-a8e7-93abfcd6fe34', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 13, '2026-11-11 10:19:40+00', '2026-11-11 10:19:40+00', '2026-11-25 23:07:36.303363+00', 'bf164b638e6225d81ab550a32b394cece880f5154290d958a0ff893d40a079f7');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7a97-bddd-4404c3ac21e5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-77a9-b310-4ca725e8594d', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 14, '2026-11-11 10:19:50+00', '2026-11-11 10:19:50+00', '2026-11-25 23:07:36.303363+00', '62decfd447e17a4b2759922b211663415c589fc5c580a0893600d23a4fa54ba1');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7165-bf14-b5b64cce2a7b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-786a-85e9-33f6eba8601a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 15, '2026-11-11 10:20:00+00', '2026-11-11 10:20:00+00', '2026-11-25 23:07:36.303363+00', '1178867ebcdc120fe6bb6402e45cc71764a74b1bd666948aa7a9dca728f16274');
INSERT INTO public.trial VALUES ('01a214f6-ebee-77fd-a8d1-d82a79ec8bbc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 16, '2026-11-11 10:24:30+00', '2026-11-11 10:24:30+00', '2026-11-25 23:07:36.303363+00', '8b037c98b9548560ffd75d5da28145148c864ac2ad01cb42c389fbd937fd9d18');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7728-8515-b21468710838', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 17, '2026-11-11 10:24:40+00', '2026-11-11 10:24:40+00', '2026-11-25 23:07:36.303363+00', '38357dfd1bc3a64eca0067f7b14ec4693f7eb097417a8ea140e8a7cc02fef8dc');
INSERT INTO public.trial VALUES ('01a214f6-ebee-711c-a1a9-91bc25ddb60e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7f8d-b036-6a25bdec898f', 'underarm-roll/swing-back', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 18, '2026-11-11 10:24:50+00', '2026-11-11 10:24:50+00', '2026-11-25 23:07:36.303363+00', '22fc53be7ba6a5a6b7f800819cb3515e73ce49873f4d6ec99d8cc781bbf5dbbc');
INSERT INTO public.trial VALUES ('01a214f6-ebee-771e-93c7-a0680a93a2d1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 19, '2026-11-11 10:25:00+00', '2026-11-11 10:25:00+00', '2026-11-25 23:07:36.303363+00', '9767ee0be3eb942dc3bf419dfc505e2a41a728a4423ed7cae29b099a6dafb44d');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7157-b1c7-2cbcf40ef470', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 20, '2026-11-11 10:25:10+00', '2026-11-11 10:25:10+00', '2026-11-25 23:07:36.303363+00', '53b0d9cc5c6647583a769400ca45990ad70ef8d5b256b22dc2969dee43cfbf08');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7c1e-9115-6c292b0f8dbb', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcce-794b-bccf-401f794c2a24', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 21, '2026-11-11 10:25:20+00', '2026-11-11 10:25:20+00', '2026-11-25 23:07:36.303363+00', 'bf981feb8689a3ae94e96eac62d030f504fd770a11a364cdb5b3f08204ae6b29');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7265-a697-994df84e53fe', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 22, '2026-11-11 10:25:30+00', '2026-11-11 10:25:30+00', '2026-11-25 23:07:36.303363+00', '12358775eaa1187fceb4aee55a9fcaf61ecc57a7d8fef1c6b119e486c37ec57c');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7af7-8928-a4911d406ad3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 23, '2026-11-11 10:25:40+00', '2026-11-11 10:25:40+00', '2026-11-25 23:07:36.303363+00', '28ce1bf302bb238ad83da4601dc6dedf1c8997b29e00d91baec6eda9fd1ccc54');
INSERT INTO public.trial VALUES ('01a214f6-ebee-723a-8d5e-dd767fa885ed', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7067-a65b-2a4a7d23235f', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 24, '2026-11-11 10:25:50+00', '2026-11-11 10:25:50+00', '2026-11-25 23:07:36.303363+00', '8f945d0792015f38022465a7495c54b39bde277104da18672ad3cdd7b335f337');
INSERT INTO public.trial VALUES ('01a214f6-ebee-73bd-ab54-734849076bb2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-710b-bcd1-70d8a5845080', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 25, '2026-11-11 10:26:00+00', '2026-11-11 10:26:00+00', '2026-11-25 23:07:36.303363+00', '94d081e1e2e3f6ef0a88dd1f751d3ab925a84f7f97c395fac9066b09ccef44be');
INSERT INTO public.trial VALUES ('01a214f6-ebee-71ef-b65b-8fde4ff2b2b5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', 'underarm-roll/swing-back', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 26, '2026-11-11 10:26:10+00', '2026-11-11 10:26:10+00', '2026-11-25 23:07:36.303363+00', '01fa7b2e2580e2dcbab51f0f3727f993662306028eb194f6f0c8cbaf2a4d1a6c');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7a5b-8a77-0258e3c36d5a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', 'underarm-roll/swing-back', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 27, '2026-11-11 10:26:20+00', '2026-11-11 10:26:20+00', '2026-11-25 23:07:36.303363+00', '673e4afedacf3f857f759e1d11c4a2bf6cd2742dfa38406cb9068547c4585925');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7319-a873-197b9a6fad7c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7be2-b77f-37c8e8fb966f', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 28, '2026-11-11 10:26:30+00', '2026-11-11 10:26:30+00', '2026-11-25 23:07:36.303363+00', '62ba3a7b5c450e30ff70cea1a197a1271302795df20db2e5db0145440e7095ca');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7c2e-87fc-9fb14d0a464a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 29, '2026-11-11 10:30:30+00', '2026-11-11 10:30:30+00', '2026-11-25 23:07:36.303363+00', '2d0d31d8423b619ed4ebfe41ee5d0b2f8483e025b2b34fac6f3ff903da0e899c');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7e4b-9a77-39e9c9dd1051', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 30, '2026-11-11 10:30:40+00', '2026-11-11 10:30:40+00', '2026-11-25 23:07:36.303363+00', '342d2a52ab01ecfc66ee0671f25c45187097ac375a6860f21bc9be09fb49b639');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7350-8c9e-7e874dde6c6a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b51-b66b-750cfb4453ac', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 31, '2026-11-11 10:30:50+00', '2026-11-11 10:30:50+00', '2026-11-25 23:07:36.303363+00', '52d0fe3e26fd4edbc8c3d8d0e0e2a0ce5282a3d45c7918ab332191d505e1b7ef');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7b04-9b78-9e7c8821f62f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7918-89d4-2c34b8564801', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 32, '2026-11-11 10:31:00+00', '2026-11-11 10:31:00+00', '2026-11-25 23:07:36.303363+00', '7d0468b908d138ab0c05eb09e9503ea22ae8bddcd70be821bfd7480d6bf0011e');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7112-a918-7cdb1263e739', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 33, '2026-11-11 10:31:10+00', '2026-11-11 10:31:10+00', '2026-11-25 23:07:36.303363+00', '74ac53a6edbf1b46f0033f0452cec8ee391a83785240f9a2e94383216c425606');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7475-93cb-3744bb273603', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7590-a688-7e47f2b4956a', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 34, '2026-11-11 10:31:20+00', '2026-11-11 10:31:20+00', '2026-11-25 23:07:36.303363+00', '50ea76ddb9f70fe25342bd10586908708d3eed56f63695d9ed0d6cc2938aa8f8');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7f25-ab90-17187ede03c7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 35, '2026-11-11 10:31:30+00', '2026-11-11 10:31:30+00', '2026-11-25 23:07:36.303363+00', '12d8d9cbaf2381cbb13cac8ce929ed39d0a932812af1ef4e6ac56ac12cb76b4b');
INSERT INTO public.trial VALUES ('01a214f6-ebee-794b-8b21-d7193cc00873', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 36, '2026-11-11 10:31:40+00', '2026-11-11 10:31:40+00', '2026-11-25 23:07:36.303363+00', '6fca2f563dbbad859befc5a9c137f81847bea5f0148323b1186bd00e8b1b732b');
INSERT INTO public.trial VALUES ('01a214f6-ebee-75f0-aa77-dcaf471e1fe8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7f8d-b036-6a25bdec898f', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 37, '2026-11-11 10:31:50+00', '2026-11-11 10:31:50+00', '2026-11-25 23:07:36.303363+00', '8946dc2f2bb3cd00d3af24b8f12603024961fa9f1cccbd63039b3af33848f801');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7508-81cd-902127db700f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 38, '2026-11-11 10:32:00+00', '2026-11-11 10:32:00+00', '2026-11-25 23:07:36.303363+00', '833c1269d2f1b93576ab383af1b968650648cce79328f29be4a66f686468a89b');
INSERT INTO public.trial VALUES ('01a214f6-ebee-716e-8871-770f8b18b97e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 39, '2026-11-11 10:32:10+00', '2026-11-11 10:32:10+00', '2026-11-25 23:07:36.303363+00', '1776f8a347c153dbad3e889c4d88a3e3c3d33a7da0ecc7c327778017be5a023b');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7134-a43d-b235c473b5cb', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcce-794b-bccf-401f794c2a24', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 40, '2026-11-11 10:32:20+00', '2026-11-11 10:32:20+00', '2026-11-25 23:07:36.303363+00', 'c5e5709dce3259af8b547cb5a5c2e584e86792d707282361bdf10f96acefc188');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7510-8b15-18168fe8981c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 41, '2026-11-11 10:32:30+00', '2026-11-11 10:32:30+00', '2026-11-25 23:07:36.303363+00', '70617993672b2f87e3e70fe8016d44c52eee0051b91756e80dd6de17096873e3');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7c0f-a6ad-bacd1ee812c0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 42, '2026-11-11 10:32:40+00', '2026-11-11 10:32:40+00', '2026-11-25 23:07:36.303363+00', 'ddae84a6ee611aa4d71c434d758083526790e204724fe98a2138c6a55dc4160c');
INSERT INTO public.trial VALUES ('01a214f6-ebee-78c1-b44c-94349d657aef', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7067-a65b-2a4a7d23235f', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 43, '2026-11-11 10:32:50+00', '2026-11-11 10:32:50+00', '2026-11-25 23:07:36.303363+00', '6ef3f51c51a22f2dbf07c6bbb92d363e77e891634de0b59e3b71ce1a38a20549');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7fa2-82ad-6fdde794c3b6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-710b-bcd1-70d8a5845080', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 44, '2026-11-11 10:33:00+00', '2026-11-11 10:33:00+00', '2026-11-25 23:07:36.303363+00', '9abe0d7522cb9fa1e60ec4659e219c0d919087aa9a308ac140f9216385d01881');
INSERT INTO public.trial VALUES ('01a214f6-ebee-779d-9a9d-6295c26084ed', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 45, '2026-11-11 10:33:10+00', '2026-11-11 10:33:10+00', '2026-11-25 23:07:36.303363+00', 'b8b1efcb936f1fc41c2aab4c3d1024f4df49cb066b6d9f78d4e9a6256ae96659');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7846-a560-e200fc6873be', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 46, '2026-11-11 10:33:20+00', '2026-11-11 10:33:20+00', '2026-11-25 23:07:36.303363+00', '8451c869ced170a3ec16235249f181ef18e78f662cebab22e5dd95209dd1a068');
INSERT INTO public.trial VALUES ('01a214f6-ebee-7d61-85d5-64306646b7bb', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e07d-761c-aabe-59951e2ab144', '01a214f6-e18e-7cfd-83c9-046e380d334a', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ebec-7a7f-8729-19f05e0ab484', 47, '2026-11-11 10:33:30+00', '2026-11-11 10:33:30+00', '2026-11-25 23:07:36.303363+00', '425a1a0c30a5fa285c08f1d4821c21aac9ddbd94c67a30d358113190efb79de7');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7ed4-9bc8-dc939eff5afe', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', 'two-hand-catch/meet-it', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 0, '2026-11-13 10:15:30+00', '2026-11-13 10:15:30+00', '2026-11-25 23:07:36.836588+00', '110f77b4e141a5de79c6cb25fe82b48f0d17776b15c643d4143b1d693ea4bac7');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7d4f-8449-b43e149a3e00', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcce-794b-bccf-401f794c2a24', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 1, '2026-11-13 10:15:40+00', '2026-11-13 10:15:40+00', '2026-11-25 23:07:36.836588+00', '4749c9a24b214a23e1b7dac6449da8e6c2a9cd90366d2350f2bf49797ab9aa40');
INSERT INTO public.trial VALUES ('01a214f6-ee03-782e-8349-19c4ec8ea6bb', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 2, '2026-11-13 10:15:50+00', '2026-11-13 10:15:50+00', '2026-11-25 23:07:36.836588+00', '891fa87de3db23de35a6c46d2faf12b7edca1e0315c8839cc707bf17f2208e27');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7b87-b206-4773698ae0b6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 3, '2026-11-13 10:16:00+00', '2026-11-13 10:16:00+00', '2026-11-25 23:07:36.836588+00', '37ec9b5c2ccf77e34068351eb70149fd5cd2977eb8529c0eda94714a5c064073');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7ad7-802f-2014b4d3637c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7067-a65b-2a4a7d23235f', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 4, '2026-11-13 10:16:10+00', '2026-11-13 10:16:10+00', '2026-11-25 23:07:36.836588+00', 'a7bcbe1a65c9437ebd23b4a3baf507f4dc30728803be2d035aa5a2c4d98dcbe4');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7d79-9b93-b58f720ab9cc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-710b-bcd1-70d8a5845080', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 5, '2026-11-13 10:16:20+00', '2026-11-13 10:16:20+00', '2026-11-25 23:07:36.836588+00', '41a5b753634a13f29bfc9f18a3284a0a9f7f7251c70e573bf7799b97298e2d95');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7190-aa40-254b23300baf', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 6, '2026-11-13 10:16:30+00', '2026-11-13 10:16:30+00', '2026-11-25 23:07:36.836588+00', '98e3cc1a3b6418603b389e07b8948359a659e62b7259c96a5e8d7d99c17c6a01');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7b47-9a3d-8ad09015e9e0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 7, '2026-11-13 10:16:40+00', '2026-11-13 10:16:40+00', '2026-11-25 23:07:36.836588+00', 'd9be76a97d6d51e693fa0842174c8a517b09a634dafe7f1e3698559ecdd0e0e8');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7ad2-a7b7-fb8f170e1844', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 8, '2026-11-13 10:16:50+00', '2026-11-13 10:16:50+00', '2026-11-25 23:07:36.836588+00', 'e44027fe988d3aade366560aaddbb5d31b2b0d2ddadb6c3ac032ee2989ef1cd8');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7a5b-9942-aefd76eeb587', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-74e6-a32b-96c371062e7f', 'two-hand-catch/meet-it', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 9, '2026-11-13 10:17:00+00', '2026-11-13 10:17:00+00', '2026-11-25 23:07:36.836588+00', '97ad9ea39be3ec25d8bc9b496a15eaeffb7f1cf946c6ea9424de3219d3806969');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7785-98f3-ff044a3daf36', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7c89-96ca-2e9d56a81177', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 10, '2026-11-13 10:17:10+00', '2026-11-13 10:17:10+00', '2026-11-25 23:07:36.836588+00', 'e94814f947d08f6b421d9afe7644504b3860b0496d352f51fe1b8c183884f168');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7564-b0d1-6f7d2d841889', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7182-a2ba-f8fc72838710', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 11, '2026-11-13 10:17:20+00', '2026-11-13 10:17:20+00', '2026-11-25 23:07:36.836588+00', '2f63b1fff9763057ff92a3ed5f29d8f52aa2ad0d83db87306a12ad12c33a9940');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7d4b-ab7a-4466cece0c67', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7404-93e1-e5972574df80', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 12, '2026-11-13 10:17:30+00', '2026-11-13 10:17:30+00', '2026-11-25 23:07:36.836588+00', '60632e17a64260deb57a4660a841ac84069b32ec2b50e028fc11f68073efae0a');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7d11-b223-d57732babdbb', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7726-824a-94b7c05cd53b', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 13, '2026-11-13 10:17:40+00', '2026-11-13 10:17:40+00', '2026-11-25 23:07:36.836588+00', '37ffc24571b62fe89e4283d5cfa44c912b166c60cde8581f102cacdaffeccfc5');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7590-8f97-7e30e6dbdfd3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7522-95e0-12cbf4bfa1df', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 14, '2026-11-13 10:17:50+00', '2026-11-13 10:17:50+00', '2026-11-25 23:07:36.836588+00', '2a736fea92a5fd7dc20d1e6471fc6b1fd377ecc9e1032dbbc06c78943db3c151');
INSERT INTO public.trial VALUES ('01a214f6-ee03-772b-8ff7-e12a2d98df35', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-71f0-a8e7-93abfcd6fe34', 'two-hand-catch/meet-it', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 15, '2026-11-13 10:18:00+00', '2026-11-13 10:18:00+00', '2026-11-25 23:07:36.836588+00', '473f7fb4745d5c375648bd560a148867ee9cf378a99e32873a09b18da1ed43a1');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7ed9-b2f7-95094e86e841', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-77a9-b310-4ca725e8594d', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 16, '2026-11-13 10:18:10+00', '2026-11-13 10:18:10+00', '2026-11-25 23:07:36.836588+00', 'bde5c0db90d1777c61c00c61279939ad855f1598b840e59c0ab58ee7df9df384');
INSERT INTO public.trial VALUES ('01a214f6-ee03-707e-9f7a-fab56fd2ce6c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 17, '2026-11-13 10:18:20+00', '2026-11-13 10:18:20+00', '2026-11-25 23:07:36.836588+00', 'd06ccc1f32c12125e20a06f8ccc276c06b3d47ae483ee229d6bb1e22d4fe6a98');
INSERT INTO public.trial VALUES ('01a214f6-ee03-74ba-a633-70962edc4e74', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', 'two-hand-catch/meet-it', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7b60-9cf5-eebedc2299ab', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 18, '2026-11-13 10:18:30+00', '2026-11-13 10:18:30+00', '2026-11-25 23:07:36.836588+00', '61c0309bee8319a2b32412ae131d042ca715e305d2b9ba8dba46c33467cbe586');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7acf-912c-870780658dd5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 19, '2026-11-13 10:23:30+00', '2026-11-13 10:23:30+00', '2026-11-25 23:07:36.836588+00', 'c3fa8d1d30e99fe62a6aca13690b3afec7265b3438152840a2b21e0c20bb24a1');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7b1f-ae9d-9d64d14253e5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7590-a688-7e47f2b4956a', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 20, '2026-11-13 10:23:40+00', '2026-11-13 10:23:40+00', '2026-11-25 23:07:36.836588+00', 'bff1d546ad7d246e373d7e43e5646bd9cba06f86b677206a80a6bbb5239155df');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7db9-932d-58610b945702', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 21, '2026-11-13 10:23:50+00', '2026-11-13 10:23:50+00', '2026-11-25 23:07:36.836588+00', '30b76d89c90627ad4d6a8547c21cd0a6c7af817c539c2876f00d7b3fd96ad1ea');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7bea-81eb-b934e36823c7', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 22, '2026-11-13 10:24:00+00', '2026-11-13 10:24:00+00', '2026-11-25 23:07:36.836588+00', 'ca931b931998ac0c1636235c139e141a2647e7c80204b382656843772473f758');
INSERT INTO public.trial VALUES ('01a214f6-ee03-76b6-82aa-6b6e16c9b8ca', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7f8d-b036-6a25bdec898f', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 23, '2026-11-13 10:24:10+00', '2026-11-13 10:24:10+00', '2026-11-25 23:07:36.836588+00', '3a440417b8c4fdca89fd256fa655f638caffb3ddc43d01d543b242f252889ee3');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7da7-9efa-a1c4c266399a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 24, '2026-11-13 10:24:20+00', '2026-11-13 10:24:20+00', '2026-11-25 23:07:36.836588+00', 'd19166ea5cfc07589e265899865c30821b1964b6fe3f82b13a0a48ce7a006ef6');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7b70-9f8e-9cb23062f187', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 25, '2026-11-13 10:24:30+00', '2026-11-13 10:24:30+00', '2026-11-25 23:07:36.836588+00', 'a56beb51e647e4bd96837320d44c3e4489e8218685add33f53232ff3beb6e043');
INSERT INTO public.trial VALUES ('01a214f6-ee03-7fc4-bc48-a56f8d894377', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcce-794b-bccf-401f794c2a24', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 26, '2026-11-13 10:24:40+00', '2026-11-13 10:24:40+00', '2026-11-25 23:07:36.836588+00', '0f6628c4904a6137b637570c3c8dbcbb132fc0a17535b7f4b56feabb9e034679');
INSERT INTO public.trial VALUES ('01a214f6-ee04-72d6-b49e-05ebe11e502c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 27, '2026-11-13 10:24:50+00', '2026-11-13 10:24:50+00', '2026-11-25 23:07:36.836588+00', '2448ba7dd8c733f70c128516f38f7e6732bad065fbb40cd3ca6c4ff347abe77c');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7cd9-b10f-2c4152bf4a63', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 28, '2026-11-13 10:25:00+00', '2026-11-13 10:25:00+00', '2026-11-25 23:07:36.836588+00', '239b729b1861acd16552fd7d9a0b13e90e913c2690ba8cc1a4b11df9d32d0751');
INSERT INTO public.trial VALUES ('01a214f6-ee04-76a2-b5a5-5977a333a9d5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7067-a65b-2a4a7d23235f', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 29, '2026-11-13 10:25:10+00', '2026-11-13 10:25:10+00', '2026-11-25 23:07:36.836588+00', '992c9666bcbb6e894be3d0cc7525c90527595750ad1ab65033edc8c1be911d70');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7c5e-91b4-0eeb7422f6e2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-710b-bcd1-70d8a5845080', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 30, '2026-11-13 10:25:20+00', '2026-11-13 10:25:20+00', '2026-11-25 23:07:36.836588+00', '232bcb8a77d427bdb50c171bdb4e5f2ad3d59a94d09616456cb37874a94deed7');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7f68-823a-975d1c569a1f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 31, '2026-11-13 10:25:30+00', '2026-11-13 10:25:30+00', '2026-11-25 23:07:36.836588+00', '8c4c603407c100235bc7f6843c64b1b1af9a4d300e274c70fb1df2e201759ca9');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7376-86b6-c20fd445b803', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 32, '2026-11-13 10:25:40+00', '2026-11-13 10:25:40+00', '2026-11-25 23:07:36.836588+00', '178c5f031f187f472adf1f864a5b1e132589849c0efab31d8ce7290e3b8bf5ed');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7251-a4bd-afc71769b3c5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 33, '2026-11-13 10:25:50+00', '2026-11-13 10:25:50+00', '2026-11-25 23:07:36.836588+00', 'a5a763cf756ac55119f643a131085409ca25708ba19171039ae6b911830d0d73');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7fe9-91ab-7d94d12b0e9a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-74e6-a32b-96c371062e7f', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 34, '2026-11-13 10:26:00+00', '2026-11-13 10:26:00+00', '2026-11-25 23:07:36.836588+00', '106576377b5dbb3af5c997e701bd5ab74047fe963bf2a613d1491c25305f3385');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7aff-9585-712331092b7e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7c89-96ca-2e9d56a81177', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 35, '2026-11-13 10:26:10+00', '2026-11-13 10:26:10+00', '2026-11-25 23:07:36.836588+00', 'b32e7aa642a6290aa1af0356d722c920e7e5d3421e2e2e4c5f1188f86c5f0c31');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7df2-bc63-295a4a6061b8', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7182-a2ba-f8fc72838710', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 36, '2026-11-13 10:26:20+00', '2026-11-13 10:26:20+00', '2026-11-25 23:07:36.836588+00', '7cf1c5d4b25c6869b96eb40e66421b649d8e625e59701c7033f5a5de3e03d629');
INSERT INTO public.trial VALUES ('01a214f6-ee04-743b-8785-3b0681fd2edf', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7404-93e1-e5972574df80', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7e09-b6e7-317e91fc19b4', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 37, '2026-11-13 10:26:30+00', '2026-11-13 10:26:30+00', '2026-11-25 23:07:36.836588+00', '5682cd718575fe4c0289720215fe76d9228351786cdb2e8404682e9ee6493aa0');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7184-a334-30fa71d2d951', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-71f0-a8e7-93abfcd6fe34', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 38, '2026-11-13 10:31:30+00', '2026-11-13 10:31:30+00', '2026-11-25 23:07:36.836588+00', 'd50f9c25a0aca8c0d1cffbbd14f616cad3ee016029ca959b1ba41dcf85c16996');
INSERT INTO public.trial VALUES ('01a214f6-ee04-769f-9de4-b7196fc67282', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-77a9-b310-4ca725e8594d', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 39, '2026-11-13 10:31:40+00', '2026-11-13 10:31:40+00', '2026-11-25 23:07:36.836588+00', '0d845e69917630c17d4730213ab49eaddb1bef7ea159442b09d3098104039b04');
INSERT INTO public.trial VALUES ('01a214f6-ee04-713e-8ae6-9861f29c2999', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 40, '2026-11-13 10:31:50+00', '2026-11-13 10:31:50+00', '2026-11-25 23:07:36.836588+00', '5a5680eedcea26ef0f37d4fc5b86c49905b2fa1502c4ba7bd28ddda63f2f1d56');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7a15-b1d2-27e77c7fab0a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 41, '2026-11-13 10:32:00+00', '2026-11-13 10:32:00+00', '2026-11-25 23:07:36.836588+00', '84fef3a40f40a3e959060a71a4988716a26691beef6dd1f145d4e26d0fb84fd9');
INSERT INTO public.trial VALUES ('01a214f6-ee04-79a9-bfe0-281863779015', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b51-b66b-750cfb4453ac', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 42, '2026-11-13 10:32:10+00', '2026-11-13 10:32:10+00', '2026-11-25 23:07:36.836588+00', '4ecef39e34e5d5703c4fe5f6af186e289a45c22107c2e9356407da0a58eb96c9');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7551-8ccd-8e4f0c47857f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7918-89d4-2c34b8564801', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 43, '2026-11-13 10:32:20+00', '2026-11-13 10:32:20+00', '2026-11-25 23:07:36.836588+00', '9a43283070497ac1aabdd17e843ddcb7122073654963a55564fb53b69d10046c');
INSERT INTO public.trial VALUES ('01a214f6-ee04-73cd-9c11-2792a5ad8a89', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 44, '2026-11-13 10:32:30+00', '2026-11-13 10:32:30+00', '2026-11-25 23:07:36.836588+00', 'cc7eaa2f9f2ee7ed3fedcf79a804843fa761f81953ab626187ef730d5d08eba2');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7c6a-9a99-8ef32c035746', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7590-a688-7e47f2b4956a', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 45, '2026-11-13 10:32:40+00', '2026-11-13 10:32:40+00', '2026-11-25 23:07:36.836588+00', '86555fa31189cbd52b2e279b7af04ab0dfd2deccf1933b5050ea46c1b288cac0');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7b58-8336-f1d30f1cbe41', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 46, '2026-11-13 10:32:50+00', '2026-11-13 10:32:50+00', '2026-11-25 23:07:36.836588+00', 'fb61ed0b15ff3fde678c84ce7df93e05539cdac2eb3c8729aea599e630b7fe37');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7370-9f4b-c815d2decd29', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 47, '2026-11-13 10:33:00+00', '2026-11-13 10:33:00+00', '2026-11-25 23:07:36.836588+00', 'f8c05271d34d8d65ca614a9a9ebe5ed564d69ef9848c956ca906e86c962685d4');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7b7f-89ba-ee128d9c2716', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7f8d-b036-6a25bdec898f', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 48, '2026-11-13 10:33:10+00', '2026-11-13 10:33:10+00', '2026-11-25 23:07:36.836588+00', '157c54c5e9ff8f70c0484d4f5d81225eef6a9400e701e35f75626cfdaecb8ea4');
INSERT INTO public.trial VALUES ('01a214f6-ee04-73e4-ab75-af0b59e654cd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 49, '2026-11-13 10:33:20+00', '2026-11-13 10:33:20+00', '2026-11-25 23:07:36.836588+00', 'e9b7cd034b7d99808d0a2a0249b32629ff08892abfc25f81fb7009e33e05e148');
INSERT INTO public.trial VALUES ('01a214f6-ee04-77c6-89c0-5602ec3032b3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 50, '2026-11-13 10:33:30+00', '2026-11-13 10:33:30+00', '2026-11-25 23:07:36.836588+00', 'ad08157295e33d5136948b9e3917cc7385800c9c5401151029866582c08b154a');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7ae6-84a9-29c3e6fa732a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcce-794b-bccf-401f794c2a24', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 51, '2026-11-13 10:33:40+00', '2026-11-13 10:33:40+00', '2026-11-25 23:07:36.836588+00', 'a62c5a18203ffa13002e6e14c56d9ef8cfdca6b333cc023ae4450ef16a8f3d7e');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7eb5-9db7-62bf5c1339a9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 52, '2026-11-13 10:33:50+00', '2026-11-13 10:33:50+00', '2026-11-25 23:07:36.836588+00', '7556e658edaf3a8ca6c2e1ad0f6ddd793daa9804a3d0dad9b94bae5f7b6855c2');
INSERT INTO public.trial VALUES ('01a214f6-ee04-7226-b2a8-7d57d057a04a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-721c-ad61-0c74f67d4ce7', '01a214f6-e190-7777-b64c-de31c95f1b2e', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-ee03-7777-ba1b-00db0eaba05e', 53, '2026-11-13 10:34:00+00', '2026-11-13 10:34:00+00', '2026-11-25 23:07:36.836588+00', '74dcc743cb07bf712e71beb5c49d258294aa0dff117037eb04bd8b5c713c2de0');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7110-a8c8-43158f9bdc65', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 0, '2026-11-20 10:15:30+00', '2026-11-20 10:15:30+00', '2026-11-25 23:07:38.044402+00', '99576ff6860dfce0d33cfcea8ca68b87ed19445279983f6d3030c84f6fa9d5c2');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7bfa-93de-9b80c8037c12', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b51-b66b-750cfb4453ac', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 1, '2026-11-20 10:15:40+00', '2026-11-20 10:15:40+00', '2026-11-25 23:07:38.044402+00', 'a62a65b13605ffdb51a6cceb2679361725147d0032179c25d72756f5c49bc2cf');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7fd1-a05c-e73079aabeac', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7918-89d4-2c34b8564801', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 2, '2026-11-20 10:15:50+00', '2026-11-20 10:15:50+00', '2026-11-25 23:07:38.044402+00', 'eb1a0d71ebf1170f2047540e9b4630550b0c70136076d8fcdb81989aed5da893');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-73ea-9c67-73d7395057a2', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 3, '2026-11-20 10:16:00+00', '2026-11-20 10:16:00+00', '2026-11-25 23:07:38.044402+00', 'a73dd3988a837d8ce5b38f4dd69e4239a23e6aa133a51cd1c797555affb43146');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-711b-9dd3-f27dded9064a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7590-a688-7e47f2b4956a', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 4, '2026-11-20 10:16:10+00', '2026-11-20 10:16:10+00', '2026-11-25 23:07:38.044402+00', '14232d9086e7adb73fbc8e851c7ef15ffe3aa4197e1b9d7ffb4d1b08bc85251a');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7eda-a927-b40007054d18', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 5, '2026-11-20 10:16:20+00', '2026-11-20 10:16:20+00', '2026-11-25 23:07:38.044402+00', '26c3d529ce1f8f2ca5511b4f934c7beca1e5af088dbb35daa9f778e559fc2787');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7019-a934-63d0124ff7ac', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 6, '2026-11-20 10:16:30+00', '2026-11-20 10:16:30+00', '2026-11-25 23:07:38.044402+00', 'cac2ee5970cfc0de1413b31b0ced2d9e058cea26fd4a22476365d97d7f580615');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7b62-abba-2a9c4448cd53', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7f8d-b036-6a25bdec898f', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 7, '2026-11-20 10:16:40+00', '2026-11-20 10:16:40+00', '2026-11-25 23:07:38.044402+00', 'b0351a969ed1089cff6a78081d8862dda453e74c45e89872a2b2a95b8538f1ad');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7aab-904f-c151acaa9363', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 8, '2026-11-20 10:16:50+00', '2026-11-20 10:16:50+00', '2026-11-25 23:07:38.044402+00', 'abd08f7862e6ccaca8189d720d0e214178b36031c8a393767141db44747d19aa');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7af6-a300-de235ce52c35', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 9, '2026-11-20 10:17:00+00', '2026-11-20 10:17:00+00', '2026-11-25 23:07:38.044402+00', '270ec6e96e8f439d72ac90624f5167bee4d8639cd495271b85fb191911f6ba1a');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-721d-8eae-a709ac449bfa', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcce-794b-bccf-401f794c2a24', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 10, '2026-11-20 10:17:10+00', '2026-11-20 10:17:10+00', '2026-11-25 23:07:38.044402+00', 'f340ffb347c1e50f9b427fd710c020414abb6efc691ea6b2a371e37a51d5c6a6');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-725a-96ff-5aa2ad0e426f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7c1a-973a-9a7c1c7773b2', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 11, '2026-11-20 10:17:20+00', '2026-11-20 10:17:20+00', '2026-11-25 23:07:38.044402+00', '6261d7240b3974cd194a2dc507b13c49ad65515563bb65030a297699be57c9c7');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7150-a6ad-1b3f05777f62', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-70a9-a9ce-81e6438ed271', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 12, '2026-11-20 10:17:30+00', '2026-11-20 10:17:30+00', '2026-11-25 23:07:38.044402+00', 'eb229ddf9ab5a96da13465123735027934ad7b2d397491c87c95ee81b3a25d46');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7133-b570-863b51db7c36', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7067-a65b-2a4a7d23235f', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 13, '2026-11-20 10:17:40+00', '2026-11-20 10:17:40+00', '2026-11-25 23:07:38.044402+00', '5fe6f641f3f304e67ee67b33922f6cd6da700adedb256715c520fac2a989ccf9');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-777c-b1ec-a28cea464a49', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-710b-bcd1-70d8a5845080', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 14, '2026-11-20 10:17:50+00', '2026-11-20 10:17:50+00', '2026-11-25 23:07:38.044402+00', 'd18ae083df875c020288b2d9768c92de8091afaba8ff05adef3eeafc35773ff0');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7db2-8e48-19abbff70772', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 15, '2026-11-20 10:18:00+00', '2026-11-20 10:18:00+00', '2026-11-25 23:07:38.044402+00', 'a884f9a72ec09072a15884dcb2655fdce62524709aebc8838159735e2e650407');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-72ea-8b34-6bf6a0af456a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 16, '2026-11-20 10:18:10+00', '2026-11-20 10:18:10+00', '2026-11-25 23:07:38.044402+00', 'df3d980e17aae83e378a4b12a10b552fa81e8f706a5e6e77cbfc9fa7efab6901');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7fdb-be2f-e4dcaba91998', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 17, '2026-11-20 10:18:20+00', '2026-11-20 10:18:20+00', '2026-11-25 23:07:38.044402+00', 'd128c8344b981f9a152bdf7ee6f1a9167313ef9cce4b997d65f16b51402e2034');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7f00-9f01-b2e0fa5654c0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-74e6-a32b-96c371062e7f', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef81-7fee-a726-ebfbf09d1884', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 18, '2026-11-20 10:18:30+00', '2026-11-20 10:18:30+00', '2026-11-25 23:07:38.044402+00', '3a08299b644b25daa614af7be850cd1cd5925d315e784e9da992beef40a55cc7');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-799d-a3c4-1f171826698c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7404-93e1-e5972574df80', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 19, '2026-11-20 10:23:30+00', '2026-11-20 10:23:30+00', '2026-11-25 23:07:38.044402+00', '2f39d6dd74489ce4f62a080770adb5968fe27a6d46ffcc062283fdccaa99d8c0');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7dbc-96df-74008ccf26f0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7726-824a-94b7c05cd53b', 'two-hand-catch/soften', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 20, '2026-11-20 10:23:40+00', '2026-11-20 10:23:40+00', '2026-11-25 23:07:38.044402+00', '096595d8b9ad097fa09b602fe7d219ff19453727631c17df41c7e226ea1a4c3e');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7b39-822a-d4fe1b37aaa0', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7522-95e0-12cbf4bfa1df', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 21, '2026-11-20 10:23:50+00', '2026-11-20 10:23:50+00', '2026-11-25 23:07:38.044402+00', 'd9541d573e147c906cf0426fc0035c266c3d230aa2851344e5ad87a238b63142');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7439-b9a4-a8d00e448d9a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-71f0-a8e7-93abfcd6fe34', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 22, '2026-11-20 10:24:00+00', '2026-11-20 10:24:00+00', '2026-11-25 23:07:38.044402+00', '1ee442b4d0df21a79f773af99917b58552e93caf8e4bb95489f4565c87005e4e');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7831-98ae-54031daffcd9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-77a9-b310-4ca725e8594d', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 23, '2026-11-20 10:24:10+00', '2026-11-20 10:24:10+00', '2026-11-25 23:07:38.044402+00', 'a020d9c74599cff4b95b7ca2aea842f60f0568a1660c688f288cec4e20951f47');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7d0c-9bb6-b78128a43810', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 24, '2026-11-20 10:24:20+00', '2026-11-20 10:24:20+00', '2026-11-25 23:07:38.044402+00', 'f53ebf3607ad01b99e73716a55d9c5f880d5c303ef8652233c42b56f4cc6b33e');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7e0b-bf21-faeec8a0b943', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 25, '2026-11-20 10:24:30+00', '2026-11-20 10:24:30+00', '2026-11-25 23:07:38.044402+00', '3ced60987a2a6b8f345c0bca2121be729850a449dfb8049647fea9ee78ffb81a');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7cbe-9aa6-7ac56d8f2bef', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b51-b66b-750cfb4453ac', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 26, '2026-11-20 10:24:40+00', '2026-11-20 10:24:40+00', '2026-11-25 23:07:38.044402+00', '61626411028dcde782032c07ed1f25f17ca71ec1e79b871d3f278b5e75c348b9');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7a4b-80db-52326f768e69', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7918-89d4-2c34b8564801', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 27, '2026-11-20 10:24:50+00', '2026-11-20 10:24:50+00', '2026-11-25 23:07:38.044402+00', 'bcf089330071b501886a9e6a6d4050e09b105a04119fac4fab6894451d4b0a3d');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7b87-837c-d5b9ee1cfc4f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 28, '2026-11-20 10:25:00+00', '2026-11-20 10:25:00+00', '2026-11-25 23:07:38.044402+00', 'd933eaf02d2ea06a13fcaecbc213b3d7080043698e19d359d8fa9bba5e5fd2cb');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7e74-854f-ed3ce0f3b761', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7590-a688-7e47f2b4956a', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 29, '2026-11-20 10:25:10+00', '2026-11-20 10:25:10+00', '2026-11-25 23:07:38.044402+00', 'a547ff264302373dc79f9d889b277cb035a048a390a5ea5e2d2479167e7840a0');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7928-b8a8-6a6ad0e980bc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 30, '2026-11-20 10:25:20+00', '2026-11-20 10:25:20+00', '2026-11-25 23:07:38.044402+00', 'c59151dabf37b0d7691257c9f68571c7d4cb060769420682ac7c76002d53275e');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7fa6-9b02-58fdd2ee92d6', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 31, '2026-11-20 10:25:30+00', '2026-11-20 10:25:30+00', '2026-11-25 23:07:38.044402+00', 'c9e75d8e901da02c7dd859bd5d47a3e331509b94d427b3dd9f35a937fc81243a');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7396-a095-f45d32ca05a5', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7f8d-b036-6a25bdec898f', 'two-hand-catch/soften', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 32, '2026-11-20 10:25:40+00', '2026-11-20 10:25:40+00', '2026-11-25 23:07:38.044402+00', '899e4cfb0895737603d48e75d4d3c6287d5871f06185cdf5ef381ab2f19bd735');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-70a6-b702-c13ab9b23881', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b5f-8a8e-19f9977cb8ea', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 33, '2026-11-20 10:25:50+00', '2026-11-20 10:25:50+00', '2026-11-25 23:07:38.044402+00', '1ece3079c1078f43a12d2c9227da7f431762d3cfb79837fbd2f43d450d47ecca');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7143-a62a-1f2089e907ca', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7def-aa44-dc70b5179d9f', 'two-hand-catch/soften', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-73f5-a566-a974f1ab6af7', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 34, '2026-11-20 10:26:00+00', '2026-11-20 10:26:00+00', '2026-11-25 23:07:38.044402+00', '94ee4ab43b0d5a3932fa86cd37656ccca1273e0cb609eb2f71b01861fa763e40');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7876-9173-19c1ebcd6a9c', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7ab4-b3f3-043db3b11c61', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 35, '2026-11-20 10:30:30+00', '2026-11-20 10:30:30+00', '2026-11-25 23:07:38.044402+00', '2dc388bae01fb587aa215f9ece61716f728ea4ac84b1bbd75fc92f7c8ae2fd33');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-74e9-a642-32cae3561b22', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-74c6-ba8e-430ee6fd94fd', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 36, '2026-11-20 10:30:40+00', '2026-11-20 10:30:40+00', '2026-11-25 23:07:38.044402+00', 'e7b177c16a1c47400dde9e743e52efd1f712df2b0d433e5ba13b73797052f0fa');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7cd8-be70-98d812a71554', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7f0f-9a44-e535d662b8b2', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 37, '2026-11-20 10:30:50+00', '2026-11-20 10:30:50+00', '2026-11-25 23:07:38.044402+00', 'a030f87d9e3d625a18a8f2a7411194cf98a4856d67e8b28c9db3f5742a0ea32b');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7ada-a9c2-cf62927185b1', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-74e6-a32b-96c371062e7f', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 38, '2026-11-20 10:31:00+00', '2026-11-20 10:31:00+00', '2026-11-25 23:07:38.044402+00', 'b0879f2348f24da3ae19df995be1600e93b7f1d226a8ba7dc278aab8827ed473');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7842-b78d-ee62d92923df', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7c89-96ca-2e9d56a81177', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 39, '2026-11-20 10:31:10+00', '2026-11-20 10:31:10+00', '2026-11-25 23:07:38.044402+00', 'e19f7b1e2d14068eb7d6bedb61c5751858cf7f6c57bebf14b0a027d15aaabcad');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7f51-af46-987f7dcc5bcc', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7182-a2ba-f8fc72838710', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 40, '2026-11-20 10:31:20+00', '2026-11-20 10:31:20+00', '2026-11-25 23:07:38.044402+00', '006a7265ef19ce68a24878bd8a6be6fc3305b409f022bf822772667391e3d00f');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7a75-bd74-6d4ecd9029ed', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd0-7404-93e1-e5972574df80', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 41, '2026-11-20 10:31:30+00', '2026-11-20 10:31:30+00', '2026-11-25 23:07:38.044402+00', '3c73d1586183293adbd0758072d9620b9292c6a124ba2268fb4a357c2fbb18b8');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7dd0-a336-73af52da19d9', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dccf-7726-824a-94b7c05cd53b', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 42, '2026-11-20 10:31:40+00', '2026-11-20 10:31:40+00', '2026-11-25 23:07:38.044402+00', 'fbd5c57c837d10e7df8ec42355605c1bc792331495c3f0864ffd9a5c919e81b0');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-72be-868a-41bbcbcb74cd', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd6-7522-95e0-12cbf4bfa1df', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 43, '2026-11-20 10:31:50+00', '2026-11-20 10:31:50+00', '2026-11-25 23:07:38.044402+00', '52a10ebb6939ff6b1fc1d177791a81fc5e443769d133763337952b72b533253f');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-72e7-ba72-3c184bd151c3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-71f0-a8e7-93abfcd6fe34', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 44, '2026-11-20 10:32:00+00', '2026-11-20 10:32:00+00', '2026-11-25 23:07:38.044402+00', 'ae4d2683f4b577e35fb0bb915d88e05817337133041eb9471c4457c3b582aa2c');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7d79-bf40-93ab5e746075', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-77a9-b310-4ca725e8594d', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 45, '2026-11-20 10:32:10+00', '2026-11-20 10:32:10+00', '2026-11-25 23:07:38.044402+00', '8d895f9159f3056bdf9bee40d7d6f4a01f956dc29a7450dd2c5ce1cf21ae6318');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7b45-aab1-9d291805f3cb', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-74d8-8668-66e2c3dbfd9f', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 46, '2026-11-20 10:32:20+00', '2026-11-20 10:32:20+00', '2026-11-25 23:07:38.044402+00', '78f264a3cf15b5c183894ce0fcce753faf3d3be4901b976093779e9ce296354b');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-77cd-b74d-a97029be4065', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd4-7c3c-bba8-4fd9ce9b8e82', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 47, '2026-11-20 10:32:30+00', '2026-11-20 10:32:30+00', '2026-11-25 23:07:38.044402+00', '994b2603b905b499fd0432f5583b070a4afcc00ba918ad9ff7cc768b6cf66f7e');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7142-8101-e9018d679547', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7b51-b66b-750cfb4453ac', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 48, '2026-11-20 10:32:40+00', '2026-11-20 10:32:40+00', '2026-11-25 23:07:38.044402+00', '1d9decfdcb8b8f46a3ba0da8a4ede7d02e06dce0b3436d5c3312356b738fa2b6');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7a42-bdc4-1cca267b0c6f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd5-7918-89d4-2c34b8564801', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 49, '2026-11-20 10:32:50+00', '2026-11-20 10:32:50+00', '2026-11-25 23:07:38.044402+00', '285f356a691df2539154f97e640eeba071c671fe4dbf7a006abb2b5ce3ad95ff');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7037-8912-25204008db33', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd7-7e9f-83d1-d4adf624aafb', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 50, '2026-11-20 10:33:00+00', '2026-11-20 10:33:00+00', '2026-11-25 23:07:38.044402+00', '8f37091af1e121d470dc5751912185d411fd2330e6e189044c39c91d78431f44');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7644-8a6d-7bcb3e2e6412', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd1-7590-a688-7e47f2b4956a', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 51, '2026-11-20 10:33:10+00', '2026-11-20 10:33:10+00', '2026-11-25 23:07:38.044402+00', 'c69f03612bd332e48caed7a1d6cc775028372597f62fdd81b85f8f8849106321');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7f97-8e4e-3a1dbe1dfb6b', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd2-7293-9007-3a9f3d578ca7', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 52, '2026-11-20 10:33:20+00', '2026-11-20 10:33:20+00', '2026-11-25 23:07:38.044402+00', '60068318d65777459769a2dc0f4b7374fad874d73b932b4638f9bae643e4e1a4');
INSERT INTO public.trial VALUES ('01a214f6-f2bb-7174-82f6-c7b554cf87a3', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dcd3-7fde-b36d-8c46cbaa11ef', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a214f6-e080-74f2-b019-b36d8c50e233', '01a214f6-ef82-74ce-b3fa-c63862833bf3', '74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88', '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '01a214f6-f2bb-710a-afa6-542b28703b09', 53, '2026-11-20 10:33:30+00', '2026-11-20 10:33:30+00', '2026-11-25 23:07:38.044402+00', 'e3bbe70249393762e5fb30ccc915a1c2c03058700721da7e137f224f1463cb5c');


--
-- Data for Name: trial_conflict; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: trial_void; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: unit; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.unit VALUES ('01a214f6-e020-7489-9c59-a4f3279ab23e', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dc8a-79d2-9c6e-efa7609d9509', 'Roll it, catch it', '01a214f6-f5e9-76b0-9551-94a132f8c0ef', 3);
INSERT INTO public.unit VALUES ('01a214f6-f65d-714c-a6e4-fcd9ffb2720f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dd4a-719a-9315-d66742b547dd', 'Aim and gather', '01a214f6-f9c2-7d56-ac74-7865cd443c60', 1);
INSERT INTO public.unit VALUES ('01a214f6-f9cb-754b-a354-847b7815526f', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-dbbb-76db-a240-7360e067311a', 'First rolls, first catches', '01a214f6-fbc7-75f5-89ed-10ca95907181', 1);


--
-- Data for Name: unit_revision; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.unit_revision VALUES ('01a214f6-e9c4-72e8-9590-9ab769497c93', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', NULL, NULL, '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:35.74821+00', 'Planned', '["74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88"]', 2757, 0, 0, 22, '{"order": "INTERLEAVED", "lessons": [{"lesson": "01a214f6-e07d-761c-aabe-59951e2ab144", "segments": [{"id": "01a214f6-e18d-734e-abb3-254a55b71984", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a214f6-e18e-7099-9346-94945b16e3ed", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 3, "introduces": []}, {"id": "01a214f6-e18e-786a-85e9-33f6eba8601a", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/watch-it-in"]}, {"id": "01a214f6-e18e-7be2-b77f-37c8e8fb966f", "focus": ["underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/swing-back"]}, {"id": "01a214f6-e18e-7cfd-83c9-046e380d334a", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "hold-the-cargo"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e18e-7160-a9da-9f410303856a", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-721c-ad61-0c74f67d4ce7", "segments": [{"id": "01a214f6-e18f-7afb-87a9-14745c174c29", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e190-793e-9412-045b9f47b8fa", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e190-7b60-9cf5-eebedc2299ab", "focus": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/meet-it"]}, {"id": "01a214f6-e190-7e09-b6e7-317e91fc19b4", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "wall-returns"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/eyes-on-target"]}, {"id": "01a214f6-e190-7777-b64c-de31c95f1b2e", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a214f6-e190-7c01-b0b8-28790039f7e1", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-7e31-8217-29a336022b6e", "segments": [{"id": "01a214f6-e190-746d-ba01-7eef601afd75", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e191-78d7-aade-3f5e338b4940", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e191-79eb-ae97-37d027dff773", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a214f6-e191-7d40-a42e-02abfb7639ca", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/soften"]}, {"id": "01a214f6-e191-7b30-a1bb-0da240fb6a7d", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "quay-skittles"}], "watch": "underarm-roll/eyes-on-target", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e191-7d30-8438-4f0405668804", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-74f2-b019-b36d8c50e233", "segments": [{"id": "01a214f6-e191-7cd5-97a5-7de5222b3520", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e192-7a1c-bb77-60765e2cf38b", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e192-7acb-93f2-e31d7f2b126e", "focus": ["two-hand-catch/soften", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a214f6-e192-74fa-a740-efe5aa529ab4", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "face-to-face-rolls"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/other-foot", "underarm-roll/hand-low"]}, {"id": "01a214f6-e192-7ea4-a4e6-1679a86f3f08", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 1, "activity": "harbour-lights"}], "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e192-7414-83b9-a13af07607b8", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-7f53-94a9-55e2cb196442", "segments": [{"id": "01a214f6-e192-7c18-9e2c-adfba6ba3a03", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e192-7940-85b7-11d4c5302e75", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e192-73af-a2d6-c7c994da4d18", "focus": ["underarm-roll/finish", "underarm-roll/other-foot"], "parts": [{"setting": 1, "activity": "ladder-of-lines"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/finish"]}, {"id": "01a214f6-e193-709c-bacd-dcc8aa798062", "focus": ["underarm-roll/hand-low", "underarm-roll/finish"], "parts": [{"setting": 0, "activity": "big-gate"}], "watch": "underarm-roll/finish", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a214f6-e193-794f-ba4f-2af5a68eeff3", "focus": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it"], "parts": [{"setting": 0, "activity": "hundred-lanterns"}], "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e193-769b-b39e-6b01f348d1f9", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-7110-a6ff-dfa7888cf9a6", "segments": [{"id": "01a214f6-e193-74e0-a06d-c97b23156ec2", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e193-7e1a-bd32-8bf13d9cb31b", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e193-7b3c-8ceb-7d9900e40130", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "step-to-it"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e193-7fa0-88b8-a2fb8a8713bc", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a214f6-e193-7763-9480-70fb030bef04", "focus": ["underarm-roll/finish", "underarm-roll/eyes-on-target"], "parts": [{"setting": 1, "activity": "beacon-row"}], "watch": "underarm-roll/finish", "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a214f6-e193-78b7-88a6-88467312cf7d", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e081-70da-a958-a2d9f59a8894", "segments": [{"id": "01a214f6-e194-7272-9846-e29f6cd83645", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e194-74f4-a0d2-da9e7279ac44", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e194-76f5-96f6-05f592a8398e", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "three-marks"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e194-777d-80c1-e3d9f4867457", "focus": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it"], "parts": [{"setting": 0, "activity": "step-to-it"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a214f6-e194-7c7a-9bdb-9aaf1eb8a31c", "focus": ["underarm-roll/finish", "underarm-roll/eyes-on-target"], "parts": [{"setting": 0, "activity": "tide-line"}], "watch": "underarm-roll/finish", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e194-784d-b2d1-f337a47696a4", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/components"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/components"}], "leftOver": []}', 1, 0);
INSERT INTO public.unit_revision VALUES ('01a214f6-f0f9-7f8f-9b38-daa5a91cd22a', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', '01a214f6-e9c4-72e8-9590-9ab769497c93', NULL, '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:37.593262+00', 'Lesson 3 lost', '["74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88"]', 1090, 0, 0, 27, '{"order": "INTERLEAVED", "lessons": [{"lesson": "01a214f6-e07d-761c-aabe-59951e2ab144", "segments": [{"id": "01a214f6-e18d-734e-abb3-254a55b71984", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a214f6-e18e-7099-9346-94945b16e3ed", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 3, "introduces": []}, {"id": "01a214f6-e18e-786a-85e9-33f6eba8601a", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/watch-it-in"]}, {"id": "01a214f6-e18e-7be2-b77f-37c8e8fb966f", "focus": ["underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/swing-back"]}, {"id": "01a214f6-e18e-7cfd-83c9-046e380d334a", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "hold-the-cargo"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e18e-7160-a9da-9f410303856a", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-721c-ad61-0c74f67d4ce7", "segments": [{"id": "01a214f6-e18f-7afb-87a9-14745c174c29", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e190-793e-9412-045b9f47b8fa", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e190-7b60-9cf5-eebedc2299ab", "focus": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/meet-it"]}, {"id": "01a214f6-e190-7e09-b6e7-317e91fc19b4", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "wall-returns"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/eyes-on-target"]}, {"id": "01a214f6-e190-7777-b64c-de31c95f1b2e", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a214f6-e190-7c01-b0b8-28790039f7e1", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-74f2-b019-b36d8c50e233", "segments": [{"id": "01a214f6-ef81-767b-8dc9-18c65181d057", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef81-7881-bd3f-c624f4888867", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef81-7fee-a726-ebfbf09d1884", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a214f6-ef82-73f5-a566-a974f1ab6af7", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/soften"]}, {"id": "01a214f6-ef82-74ce-b3fa-c63862833bf3", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "tide-line"}], "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-ef82-7c28-a50f-0ec82f2634b1", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-7f53-94a9-55e2cb196442", "segments": [{"id": "01a214f6-ef82-70c3-b4e0-01a00d536b66", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef82-7ea4-a2c8-c08ab7cc009b", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef82-7665-bcd3-93d1947118a7", "focus": ["two-hand-catch/soften", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-ef82-78ba-b818-34a68a8eba84", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "face-to-face-rolls"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["underarm-roll/other-foot", "underarm-roll/hand-low"]}, {"id": "01a214f6-ef82-76d8-9d6e-cc39e8eeb517", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "hundred-lanterns"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-ef82-7db3-adda-1a2b861db648", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-7110-a6ff-dfa7888cf9a6", "segments": [{"id": "01a214f6-ef82-7459-86fe-c2d4b74ae89f", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef82-7775-9bb6-ef5d50ad68f3", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef82-7b39-ab7a-2f924a9ea415", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "ladder-of-lines"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-ef82-7cc8-aef4-9acd2336cd05", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "three-marks"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a214f6-ef83-798a-84dc-6331f5aaafff", "focus": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "harbour-lights"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-ef83-7feb-aef4-2ea1fccfaa88", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e081-70da-a958-a2d9f59a8894", "segments": [{"id": "01a214f6-ef83-7efe-8a4c-b15144c2724b", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef83-7e6f-8f1e-83ffc29db171", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef83-7438-81d7-63a8777c2324", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "step-to-it"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-ef83-7869-a97c-3019f80dcc2a", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a214f6-ef83-7dbe-9761-7781bec979ec", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "beacon-row"}], "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a214f6-ef83-7e8f-afd1-90cb18192e70", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/components"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/components"}], "leftOver": ["underarm-roll/finish"]}', 1, 0);
INSERT INTO public.unit_revision VALUES ('01a214f6-f5e9-76b0-9551-94a132f8c0ef', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-e020-7489-9c59-a4f3279ab23e', '01a214f6-f0f9-7f8f-9b38-daa5a91cd22a', NULL, '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:38.857281+00', 'Replanned the rest', '["74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88"]', 797, 0, 0, 27, '{"order": "INTERLEAVED", "lessons": [{"lesson": "01a214f6-e07d-761c-aabe-59951e2ab144", "segments": [{"id": "01a214f6-e18d-734e-abb3-254a55b71984", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a214f6-e18e-7099-9346-94945b16e3ed", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 3, "introduces": []}, {"id": "01a214f6-e18e-786a-85e9-33f6eba8601a", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/watch-it-in"]}, {"id": "01a214f6-e18e-7be2-b77f-37c8e8fb966f", "focus": ["underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/swing-back"]}, {"id": "01a214f6-e18e-7cfd-83c9-046e380d334a", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "hold-the-cargo"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-e18e-7160-a9da-9f410303856a", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-721c-ad61-0c74f67d4ce7", "segments": [{"id": "01a214f6-e18f-7afb-87a9-14745c174c29", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e190-793e-9412-045b9f47b8fa", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-e190-7b60-9cf5-eebedc2299ab", "focus": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/meet-it"]}, {"id": "01a214f6-e190-7e09-b6e7-317e91fc19b4", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "wall-returns"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/eyes-on-target"]}, {"id": "01a214f6-e190-7777-b64c-de31c95f1b2e", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a214f6-e190-7c01-b0b8-28790039f7e1", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-74f2-b019-b36d8c50e233", "segments": [{"id": "01a214f6-ef81-767b-8dc9-18c65181d057", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef81-7881-bd3f-c624f4888867", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-ef81-7fee-a726-ebfbf09d1884", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a214f6-ef82-73f5-a566-a974f1ab6af7", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/soften"]}, {"id": "01a214f6-ef82-74ce-b3fa-c63862833bf3", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "tide-line"}], "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-ef82-7c28-a50f-0ec82f2634b1", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-7f53-94a9-55e2cb196442", "segments": [{"id": "01a214f6-f42c-733a-a67e-2a4649e81799", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f42d-73a5-aee4-3bfd7d4c5a9d", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f42d-70da-a0b5-7bb260f2fe47", "focus": ["two-hand-catch/soften", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f42d-7235-81e7-049f058ae4e3", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "face-to-face-rolls"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["underarm-roll/other-foot", "underarm-roll/hand-low"]}, {"id": "01a214f6-f42d-7855-af5c-144b42452c4a", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "hundred-lanterns"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f42d-783e-ab09-d1bdfc500071", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e080-7110-a6ff-dfa7888cf9a6", "segments": [{"id": "01a214f6-f42d-7bd9-82ab-98b4afdd8dce", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f42d-7b77-b914-c24eb3f847cf", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f42d-72d0-b6bd-59e3d425e413", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "ladder-of-lines"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f42d-74ea-8970-cf48663e58d5", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "three-marks"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a214f6-f42d-7a38-b004-8ff22e532d74", "focus": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "harbour-lights"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f42d-7102-8807-19dc95079399", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-e081-70da-a958-a2d9f59a8894", "segments": [{"id": "01a214f6-f42d-7d3d-b970-e570c163010f", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f42e-75f3-af53-3015ad8f3024", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f42e-7376-aae8-d097b94709e6", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "step-to-it"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f42e-70a2-852f-e3f72a792223", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a214f6-f42e-7700-b6af-86b8da79eb85", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "beacon-row"}], "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a214f6-f42e-7270-ba87-7feb311b3a75", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/components"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/components"}], "leftOver": ["underarm-roll/finish"]}', 1, 0);
INSERT INTO public.unit_revision VALUES ('01a214f6-f9c2-7d56-ac74-7865cd443c60', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f65d-714c-a6e4-fcd9ffb2720f', NULL, NULL, '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:39.842527+00', 'Planned', '["74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88"]', 1398, 0, 0, 72, '{"order": "INTERLEAVED", "lessons": [{"lesson": "01a214f6-f683-7c14-9c21-fa075c493c56", "segments": [{"id": "01a214f6-f6d7-775d-9ca0-c0eecd23e9e8", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a214f6-f6d7-7ca9-80f7-c75d807d0a8e", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 4, "introduces": []}, {"id": "01a214f6-f6d7-7ade-b761-412983ebee9a", "focus": ["underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "watch": "underarm-roll/swing-back", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["underarm-roll/swing-back"]}, {"id": "01a214f6-f6d7-7559-8dcf-0aec4b3119d1", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/watch-it-in"]}, {"id": "01a214f6-f6d7-75a9-937d-956f0a9c23f6", "focus": ["underarm-roll/other-foot", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["underarm-roll/other-foot"]}, {"id": "01a214f6-f6d7-7b9e-b221-f10ab022559a", "focus": ["underarm-roll/other-foot", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f6d7-7fa3-92df-baf0845c99eb", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 4, "introduces": []}]}, {"lesson": "01a214f6-f683-7bb4-b8eb-9548ab41b8c0", "segments": [{"id": "01a214f6-f6d7-78ae-80df-eff988fd6ac1", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a214f6-f6d7-7169-b757-549230286a56", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f6d7-7785-945a-de034faf196f", "focus": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/meet-it"]}, {"id": "01a214f6-f6d7-7119-98cb-3a27fc91be95", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/other-foot"], "parts": [{"setting": 0, "activity": "wall-returns"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/eyes-on-target"]}, {"id": "01a214f6-f6d7-7232-b56c-4bd225e63ce8", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a214f6-f6d7-7b07-8667-a371f913e8cb", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "tide-line"}], "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a214f6-f6d8-76f9-97a1-2f505cc0bc73", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-f684-7c61-9014-6ea969a7b5df", "segments": [{"id": "01a214f6-f6d8-7f39-b238-4c0a1610c8e2", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f6d8-7b3c-bc8a-018d5f98ec09", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f6d8-73d3-89fe-0ce88674ff5c", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/soften"]}, {"id": "01a214f6-f6d8-7958-a278-391f2810544e", "focus": ["two-hand-catch/soften", "two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f6d8-7dfd-8069-6a222886b8e6", "focus": ["two-hand-catch/meet-it", "two-hand-catch/fingers"], "parts": [{"setting": 0, "activity": "step-to-it"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f6d8-7e48-9a66-b499e354e4ee", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/other-foot"], "parts": [{"setting": 1, "activity": "beacon-row"}], "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a214f6-f6d8-7a3e-8fcb-7e289822b5d9", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-f684-7dc2-9478-80f627753c4f", "segments": [{"id": "01a214f6-f6d8-719e-8fba-75213d4e4fad", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a214f6-f6d8-7fdd-a53e-a3b7993064c7", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-f6d8-7bbf-a825-8d83d19d3a04", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "three-marks"}], "watch": "underarm-roll/eyes-on-target", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f6d8-7983-ac1e-9bb9361dfaca", "focus": ["two-hand-catch/soften", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "step-to-it"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a214f6-f6d8-7908-9de2-482ccb3a4136", "focus": ["two-hand-catch/meet-it", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a214f6-f6d8-7475-bf1c-c4e135ae8c9f", "focus": ["two-hand-catch/soften", "two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "harbour-lights"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a214f6-f6d8-7bc6-ac0f-0a36d42f25bc", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/components"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/components"}], "leftOver": ["underarm-roll/hand-low", "underarm-roll/finish"]}', 1, 0);
INSERT INTO public.unit_revision VALUES ('01a214f6-fbc7-75f5-89ed-10ca95907181', '01a214f6-d80b-7389-88b8-fa80b020dd25', '01a214f6-f9cb-754b-a354-847b7815526f', NULL, NULL, '01a214f6-d8ea-7867-9d64-2b78d5714f3c', '2026-11-25 23:07:40.359498+00', 'Planned', '["74cc72cca66472af31f0e71df9c14ac619e5964fa81efbf224fdadcd92831b88"]', 1127, 0, 0, 89, '{"order": "BLOCKED", "lessons": [{"lesson": "01a214f6-f9e5-7e91-8cde-78eb7d3fd1db", "segments": [{"id": "01a214f6-fa19-7aa3-9815-a2f3dd639a10", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-fa19-7bc7-84bd-92538787c047", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 2, "introduces": []}, {"id": "01a214f6-fa19-778c-a190-6ada998dad89", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/eyes", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["two-hand-catch/eyes"]}, {"id": "01a214f6-fa19-70f8-9c45-fabf5e9030e5", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/eyes", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a214f6-fa19-728c-bc18-2436dfb104c7", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 1, "activity": "hold-the-cargo"}], "watch": "two-hand-catch/eyes", "locked": false, "phases": ["PLAY"], "minutes": 6, "introduces": []}, {"id": "01a214f6-fa19-7c66-af51-da15716a88ac", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-f9e6-711d-85a4-bd31ddace2d7", "segments": [{"id": "01a214f6-fa19-7c82-a26a-2da58c5f312b", "focus": [], "parts": [{"setting": 0, "activity": "chart-for-today"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-fa19-775a-875c-c04fb01c623e", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-fa19-7657-8f40-bf5293bc8be3", "focus": ["underarm-roll/step"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/step"]}, {"id": "01a214f6-fa19-724d-ad61-67cd60c9cc93", "focus": ["underarm-roll/step"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "watch": "underarm-roll/step", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 5, "introduces": []}, {"id": "01a214f6-fa19-7559-b7fe-7435662af8e4", "focus": ["underarm-roll/step"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "watch": "underarm-roll/step", "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a214f6-fa19-7653-80ee-409cb7ca635f", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-f9e6-7df7-a76f-1329dad6e926", "segments": [{"id": "01a214f6-fa19-7de2-a5c9-d1ba6a04667e", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-fa1a-71de-8b4a-e995554607a7", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-fa1a-73ae-87c5-f812c370b5f5", "focus": ["underarm-roll/look", "underarm-roll/step"], "parts": [{"setting": 0, "activity": "wall-returns"}], "watch": "underarm-roll/step", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/look"]}, {"id": "01a214f6-fa1a-7012-ad45-c810889c1b76", "focus": ["underarm-roll/look", "underarm-roll/step"], "parts": [{"setting": 0, "activity": "face-to-face-rolls"}], "watch": "underarm-roll/step", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a214f6-fa1a-7925-81aa-c69a8b466c8b", "focus": ["underarm-roll/look", "underarm-roll/step"], "parts": [{"setting": 1, "activity": "quay-skittles"}], "watch": "underarm-roll/look", "locked": false, "phases": ["PLAY"], "minutes": 6, "introduces": []}, {"id": "01a214f6-fa1a-712b-8086-f811eaaafa9d", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a214f6-f9e6-73a7-af61-8e9c7c21407c", "segments": [{"id": "01a214f6-fa1a-7aa1-8b36-269ab8b8dbfe", "focus": [], "parts": [{"setting": 0, "activity": "chart-for-today"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a214f6-fa1a-74ba-978b-20c5308c28e2", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a214f6-fa1a-7628-92bd-8f7b915aa08b", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 1, "activity": "soft-feed"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a214f6-fa1a-745d-a836-a9fa801f5ef6", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 5, "introduces": []}, {"id": "01a214f6-fa1a-7f3c-847e-0af869ab42ad", "focus": ["underarm-roll/look", "underarm-roll/step"], "parts": [{"setting": 0, "activity": "tide-line"}], "watch": "underarm-roll/step", "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a214f6-fa1a-75bc-bc83-387867e9d26b", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "newCues": 1, "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/short"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/short"}], "leftOver": ["underarm-roll/down-low", "two-hand-catch/reach", "two-hand-catch/give"]}', 1, 0);


--
-- Name: sign_in_failure_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.sign_in_failure_id_seq', 1, false);


--
-- Name: trial_conflict_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.trial_conflict_id_seq', 1, false);


--
-- Name: audit audit_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.audit
    ADD CONSTRAINT audit_pkey PRIMARY KEY (id);


--
-- Name: audit audit_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.audit
    ADD CONSTRAINT audit_school_id_id_key UNIQUE (school_id, id);


--
-- Name: batch batch_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_pkey PRIMARY KEY (id);


--
-- Name: batch batch_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_school_id_id_key UNIQUE (school_id, id);


--
-- Name: booking booking_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.booking
    ADD CONSTRAINT booking_pkey PRIMARY KEY (id);


--
-- Name: booking booking_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.booking
    ADD CONSTRAINT booking_school_id_id_key UNIQUE (school_id, id);


--
-- Name: calendar_feed calendar_feed_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_feed
    ADD CONSTRAINT calendar_feed_pkey PRIMARY KEY (id);


--
-- Name: calendar_feed calendar_feed_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_feed
    ADD CONSTRAINT calendar_feed_school_id_id_key UNIQUE (school_id, id);


--
-- Name: calendar_feed calendar_feed_school_id_person_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_feed
    ADD CONSTRAINT calendar_feed_school_id_person_id_key UNIQUE (school_id, person_id);


--
-- Name: calendar_feed calendar_feed_secret_sha256_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_feed
    ADD CONSTRAINT calendar_feed_secret_sha256_key UNIQUE (secret_sha256);


--
-- Name: child_cue child_cue_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_cue
    ADD CONSTRAINT child_cue_pkey PRIMARY KEY (id);


--
-- Name: child_cue child_cue_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_cue
    ADD CONSTRAINT child_cue_school_id_id_key UNIQUE (school_id, id);


--
-- Name: child_pair child_pair_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_pair
    ADD CONSTRAINT child_pair_pkey PRIMARY KEY (id);


--
-- Name: child_pair child_pair_school_id_child_a_child_b_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_pair
    ADD CONSTRAINT child_pair_school_id_child_a_child_b_key UNIQUE (school_id, child_a, child_b);


--
-- Name: child_pair child_pair_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_pair
    ADD CONSTRAINT child_pair_school_id_id_key UNIQUE (school_id, id);


--
-- Name: child child_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child
    ADD CONSTRAINT child_pkey PRIMARY KEY (id);


--
-- Name: child child_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child
    ADD CONSTRAINT child_school_id_id_key UNIQUE (school_id, id);


--
-- Name: child_side child_side_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_side
    ADD CONSTRAINT child_side_pkey PRIMARY KEY (id);


--
-- Name: child_side child_side_school_id_child_id_action_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_side
    ADD CONSTRAINT child_side_school_id_child_id_action_key UNIQUE (school_id, child_id, action);


--
-- Name: child_side child_side_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_side
    ADD CONSTRAINT child_side_school_id_id_key UNIQUE (school_id, id);


--
-- Name: class_person class_person_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.class_person
    ADD CONSTRAINT class_person_pkey PRIMARY KEY (id);


--
-- Name: class_person class_person_school_id_class_id_person_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.class_person
    ADD CONSTRAINT class_person_school_id_class_id_person_id_key UNIQUE (school_id, class_id, person_id);


--
-- Name: class_person class_person_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.class_person
    ADD CONSTRAINT class_person_school_id_id_key UNIQUE (school_id, id);


--
-- Name: closure closure_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.closure
    ADD CONSTRAINT closure_pkey PRIMARY KEY (id);


--
-- Name: closure closure_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.closure
    ADD CONSTRAINT closure_school_id_id_key UNIQUE (school_id, id);


--
-- Name: cue_taught cue_taught_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cue_taught
    ADD CONSTRAINT cue_taught_pkey PRIMARY KEY (id);


--
-- Name: cue_taught cue_taught_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cue_taught
    ADD CONSTRAINT cue_taught_school_id_id_key UNIQUE (school_id, id);


--
-- Name: cupboard_item cupboard_item_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cupboard_item
    ADD CONSTRAINT cupboard_item_pkey PRIMARY KEY (id);


--
-- Name: cupboard_item cupboard_item_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cupboard_item
    ADD CONSTRAINT cupboard_item_school_id_id_key UNIQUE (school_id, id);


--
-- Name: cupboard_item cupboard_item_school_id_item_key_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cupboard_item
    ADD CONSTRAINT cupboard_item_school_id_item_key_key UNIQUE (school_id, item_key);


--
-- Name: device device_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.device
    ADD CONSTRAINT device_pkey PRIMARY KEY (id);


--
-- Name: device device_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.device
    ADD CONSTRAINT device_school_id_id_key UNIQUE (school_id, id);


--
-- Name: enrolment enrolment_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.enrolment
    ADD CONSTRAINT enrolment_pkey PRIMARY KEY (id);


--
-- Name: enrolment enrolment_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.enrolment
    ADD CONSTRAINT enrolment_school_id_id_key UNIQUE (school_id, id);


--
-- Name: flyway_schema_history flyway_schema_history_pk; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);


--
-- Name: lesson_change lesson_change_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson_change
    ADD CONSTRAINT lesson_change_pkey PRIMARY KEY (id);


--
-- Name: lesson_change lesson_change_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson_change
    ADD CONSTRAINT lesson_change_school_id_id_key UNIQUE (school_id, id);


--
-- Name: lesson lesson_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson
    ADD CONSTRAINT lesson_pkey PRIMARY KEY (id);


--
-- Name: lesson lesson_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson
    ADD CONSTRAINT lesson_school_id_id_key UNIQUE (school_id, id);


--
-- Name: lesson lesson_school_id_unit_id_position_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson
    ADD CONSTRAINT lesson_school_id_unit_id_position_key UNIQUE (school_id, unit_id, "position") DEFERRABLE INITIALLY DEFERRED;


--
-- Name: mastery_rule mastery_rule_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.mastery_rule
    ADD CONSTRAINT mastery_rule_pkey PRIMARY KEY (id);


--
-- Name: mastery_rule mastery_rule_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.mastery_rule
    ADD CONSTRAINT mastery_rule_school_id_id_key UNIQUE (school_id, id);


--
-- Name: membership membership_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.membership
    ADD CONSTRAINT membership_pkey PRIMARY KEY (id);


--
-- Name: membership membership_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.membership
    ADD CONSTRAINT membership_school_id_id_key UNIQUE (school_id, id);


--
-- Name: membership membership_school_id_person_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.membership
    ADD CONSTRAINT membership_school_id_person_id_key UNIQUE (school_id, person_id);


--
-- Name: one_time_link one_time_link_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.one_time_link
    ADD CONSTRAINT one_time_link_pkey PRIMARY KEY (id);


--
-- Name: one_time_link one_time_link_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.one_time_link
    ADD CONSTRAINT one_time_link_school_id_id_key UNIQUE (school_id, id);


--
-- Name: one_time_link one_time_link_secret_sha256_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.one_time_link
    ADD CONSTRAINT one_time_link_secret_sha256_key UNIQUE (secret_sha256);


--
-- Name: pack_version pack_version_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pack_version
    ADD CONSTRAINT pack_version_pkey PRIMARY KEY (sha256);


--
-- Name: person person_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.person
    ADD CONSTRAINT person_pkey PRIMARY KEY (id);


--
-- Name: person person_sign_in_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.person
    ADD CONSTRAINT person_sign_in_key UNIQUE (sign_in);


--
-- Name: register_event register_event_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.register_event
    ADD CONSTRAINT register_event_pkey PRIMARY KEY (id);


--
-- Name: register_event register_event_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.register_event
    ADD CONSTRAINT register_event_school_id_id_key UNIQUE (school_id, id);


--
-- Name: school_class school_class_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.school_class
    ADD CONSTRAINT school_class_pkey PRIMARY KEY (id);


--
-- Name: school_class school_class_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.school_class
    ADD CONSTRAINT school_class_school_id_id_key UNIQUE (school_id, id);


--
-- Name: school_class school_class_school_id_name_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.school_class
    ADD CONSTRAINT school_class_school_id_name_key UNIQUE (school_id, name);


--
-- Name: school school_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.school
    ADD CONSTRAINT school_pkey PRIMARY KEY (id);


--
-- Name: sign_in_failure sign_in_failure_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.sign_in_failure
    ADD CONSTRAINT sign_in_failure_pkey PRIMARY KEY (id);


--
-- Name: space_feature space_feature_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space_feature
    ADD CONSTRAINT space_feature_pkey PRIMARY KEY (id);


--
-- Name: space_feature space_feature_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space_feature
    ADD CONSTRAINT space_feature_school_id_id_key UNIQUE (school_id, id);


--
-- Name: space space_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space
    ADD CONSTRAINT space_pkey PRIMARY KEY (id);


--
-- Name: space space_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space
    ADD CONSTRAINT space_school_id_id_key UNIQUE (school_id, id);


--
-- Name: space space_school_id_name_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space
    ADD CONSTRAINT space_school_id_name_key UNIQUE (school_id, name);


--
-- Name: spring_session_attributes spring_session_attributes_pk; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spring_session_attributes
    ADD CONSTRAINT spring_session_attributes_pk PRIMARY KEY (session_primary_id, attribute_name);


--
-- Name: spring_session spring_session_pk; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spring_session
    ADD CONSTRAINT spring_session_pk PRIMARY KEY (primary_id);


--
-- Name: term term_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.term
    ADD CONSTRAINT term_pkey PRIMARY KEY (id);


--
-- Name: term term_school_id_daterange_excl; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.term
    ADD CONSTRAINT term_school_id_daterange_excl EXCLUDE USING gist (school_id WITH =, daterange(first_day, last_day, '[]'::text) WITH &&);


--
-- Name: term term_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.term
    ADD CONSTRAINT term_school_id_id_key UNIQUE (school_id, id);


--
-- Name: timetable_slot timetable_slot_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.timetable_slot
    ADD CONSTRAINT timetable_slot_pkey PRIMARY KEY (id);


--
-- Name: timetable_slot timetable_slot_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.timetable_slot
    ADD CONSTRAINT timetable_slot_school_id_id_key UNIQUE (school_id, id);


--
-- Name: trial_conflict trial_conflict_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial_conflict
    ADD CONSTRAINT trial_conflict_pkey PRIMARY KEY (id);


--
-- Name: trial trial_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial
    ADD CONSTRAINT trial_pkey PRIMARY KEY (id);


--
-- Name: trial trial_school_id_device_id_device_seq_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial
    ADD CONSTRAINT trial_school_id_device_id_device_seq_key UNIQUE (school_id, device_id, device_seq);


--
-- Name: trial trial_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial
    ADD CONSTRAINT trial_school_id_id_key UNIQUE (school_id, id);


--
-- Name: trial_void trial_void_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial_void
    ADD CONSTRAINT trial_void_pkey PRIMARY KEY (id);


--
-- Name: trial_void trial_void_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial_void
    ADD CONSTRAINT trial_void_school_id_id_key UNIQUE (school_id, id);


--
-- Name: unit unit_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit
    ADD CONSTRAINT unit_pkey PRIMARY KEY (id);


--
-- Name: unit_revision unit_revision_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit_revision
    ADD CONSTRAINT unit_revision_pkey PRIMARY KEY (id);


--
-- Name: unit_revision unit_revision_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit_revision
    ADD CONSTRAINT unit_revision_school_id_id_key UNIQUE (school_id, id);


--
-- Name: unit unit_school_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit
    ADD CONSTRAINT unit_school_id_id_key UNIQUE (school_id, id);


--
-- Name: audit_at; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX audit_at ON public.audit USING btree (school_id, at DESC);


--
-- Name: booking_when; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX booking_when ON public.booking USING btree (school_id, ends);


--
-- Name: child_cue_open; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX child_cue_open ON public.child_cue USING btree (school_id, child_id, cue_key) WHERE (to_day IS NULL);


--
-- Name: child_source; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX child_source ON public.child USING btree (school_id, source_id) WHERE (source_id IS NOT NULL);


--
-- Name: cue_taught_class; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX cue_taught_class ON public.cue_taught USING btree (school_id, class_id, cue_key, at);


--
-- Name: enrolment_class; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX enrolment_class ON public.enrolment USING btree (school_id, class_id, from_day);


--
-- Name: enrolment_open; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX enrolment_open ON public.enrolment USING btree (school_id, class_id, child_id) WHERE (to_day IS NULL);


--
-- Name: flyway_schema_history_s_idx; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);


--
-- Name: lesson_change_lesson; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX lesson_change_lesson ON public.lesson_change USING btree (school_id, lesson_id, at);


--
-- Name: lesson_date; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX lesson_date ON public.lesson USING btree (school_id, on_date);


--
-- Name: register_event_lesson; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX register_event_lesson ON public.register_event USING btree (school_id, lesson_id, child_id, at);


--
-- Name: sign_in_failure_address; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX sign_in_failure_address ON public.sign_in_failure USING btree (address, at);


--
-- Name: sign_in_failure_recent; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX sign_in_failure_recent ON public.sign_in_failure USING btree (sign_in, at);


--
-- Name: space_feature_space; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX space_feature_space ON public.space_feature USING btree (school_id, space_id, "position");


--
-- Name: spring_session_ix1; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX spring_session_ix1 ON public.spring_session USING btree (session_id);


--
-- Name: spring_session_ix2; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX spring_session_ix2 ON public.spring_session USING btree (expiry_time);


--
-- Name: spring_session_ix3; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX spring_session_ix3 ON public.spring_session USING btree (principal_name);


--
-- Name: trial_child_cue; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX trial_child_cue ON public.trial USING btree (school_id, child_id, cue_key, seen_at DESC) INCLUDE (shown);


--
-- Name: trial_void_trial; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX trial_void_trial ON public.trial_void USING btree (school_id, trial_id);


--
-- Name: unit_class; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX unit_class ON public.unit USING btree (school_id, class_id);


--
-- Name: unit_revision_unit; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX unit_revision_unit ON public.unit_revision USING btree (school_id, unit_id, at);


--
-- Name: audit audit_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.audit
    ADD CONSTRAINT audit_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);


--
-- Name: audit audit_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.audit
    ADD CONSTRAINT audit_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: batch batch_school_id_device_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_school_id_device_id_fkey FOREIGN KEY (school_id, device_id) REFERENCES public.device(school_id, id);


--
-- Name: booking booking_school_id_space_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.booking
    ADD CONSTRAINT booking_school_id_space_id_fkey FOREIGN KEY (school_id, space_id) REFERENCES public.space(school_id, id);


--
-- Name: calendar_feed calendar_feed_school_id_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_feed
    ADD CONSTRAINT calendar_feed_school_id_person_id_fkey FOREIGN KEY (school_id, person_id) REFERENCES public.membership(school_id, person_id);


--
-- Name: child_cue child_cue_school_id_child_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_cue
    ADD CONSTRAINT child_cue_school_id_child_id_fkey FOREIGN KEY (school_id, child_id) REFERENCES public.child(school_id, id);


--
-- Name: child_pair child_pair_school_id_child_a_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_pair
    ADD CONSTRAINT child_pair_school_id_child_a_fkey FOREIGN KEY (school_id, child_a) REFERENCES public.child(school_id, id);


--
-- Name: child_pair child_pair_school_id_child_b_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_pair
    ADD CONSTRAINT child_pair_school_id_child_b_fkey FOREIGN KEY (school_id, child_b) REFERENCES public.child(school_id, id);


--
-- Name: child child_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child
    ADD CONSTRAINT child_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: child_side child_side_school_id_child_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_side
    ADD CONSTRAINT child_side_school_id_child_id_fkey FOREIGN KEY (school_id, child_id) REFERENCES public.child(school_id, id);


--
-- Name: class_person class_person_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.class_person
    ADD CONSTRAINT class_person_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);


--
-- Name: class_person class_person_school_id_class_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.class_person
    ADD CONSTRAINT class_person_school_id_class_id_fkey FOREIGN KEY (school_id, class_id) REFERENCES public.school_class(school_id, id);


--
-- Name: class_person class_person_school_id_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.class_person
    ADD CONSTRAINT class_person_school_id_person_id_fkey FOREIGN KEY (school_id, person_id) REFERENCES public.membership(school_id, person_id);


--
-- Name: closure closure_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.closure
    ADD CONSTRAINT closure_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: cue_taught cue_taught_school_id_class_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cue_taught
    ADD CONSTRAINT cue_taught_school_id_class_id_fkey FOREIGN KEY (school_id, class_id) REFERENCES public.school_class(school_id, id);


--
-- Name: cue_taught cue_taught_school_id_lesson_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cue_taught
    ADD CONSTRAINT cue_taught_school_id_lesson_id_fkey FOREIGN KEY (school_id, lesson_id) REFERENCES public.lesson(school_id, id);


--
-- Name: cupboard_item cupboard_item_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cupboard_item
    ADD CONSTRAINT cupboard_item_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: device device_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.device
    ADD CONSTRAINT device_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);


--
-- Name: device device_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.device
    ADD CONSTRAINT device_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: enrolment enrolment_school_id_child_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.enrolment
    ADD CONSTRAINT enrolment_school_id_child_id_fkey FOREIGN KEY (school_id, child_id) REFERENCES public.child(school_id, id);


--
-- Name: enrolment enrolment_school_id_class_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.enrolment
    ADD CONSTRAINT enrolment_school_id_class_id_fkey FOREIGN KEY (school_id, class_id) REFERENCES public.school_class(school_id, id);


--
-- Name: lesson_change lesson_change_by_person_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson_change
    ADD CONSTRAINT lesson_change_by_person_fkey FOREIGN KEY (by_person) REFERENCES public.person(id);


--
-- Name: lesson_change lesson_change_school_id_lesson_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson_change
    ADD CONSTRAINT lesson_change_school_id_lesson_id_fkey FOREIGN KEY (school_id, lesson_id) REFERENCES public.lesson(school_id, id);


--
-- Name: lesson lesson_school_id_space_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson
    ADD CONSTRAINT lesson_school_id_space_id_fkey FOREIGN KEY (school_id, space_id) REFERENCES public.space(school_id, id);


--
-- Name: lesson lesson_school_id_unit_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lesson
    ADD CONSTRAINT lesson_school_id_unit_id_fkey FOREIGN KEY (school_id, unit_id) REFERENCES public.unit(school_id, id);


--
-- Name: mastery_rule mastery_rule_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.mastery_rule
    ADD CONSTRAINT mastery_rule_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: membership membership_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.membership
    ADD CONSTRAINT membership_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);


--
-- Name: membership membership_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.membership
    ADD CONSTRAINT membership_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: one_time_link one_time_link_made_by_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.one_time_link
    ADD CONSTRAINT one_time_link_made_by_fkey FOREIGN KEY (made_by) REFERENCES public.person(id);


--
-- Name: one_time_link one_time_link_person_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.one_time_link
    ADD CONSTRAINT one_time_link_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);


--
-- Name: one_time_link one_time_link_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.one_time_link
    ADD CONSTRAINT one_time_link_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: pack_version pack_version_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pack_version
    ADD CONSTRAINT pack_version_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: register_event register_event_by_person_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.register_event
    ADD CONSTRAINT register_event_by_person_fkey FOREIGN KEY (by_person) REFERENCES public.person(id);


--
-- Name: register_event register_event_school_id_child_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.register_event
    ADD CONSTRAINT register_event_school_id_child_id_fkey FOREIGN KEY (school_id, child_id) REFERENCES public.child(school_id, id);


--
-- Name: register_event register_event_school_id_lesson_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.register_event
    ADD CONSTRAINT register_event_school_id_lesson_id_fkey FOREIGN KEY (school_id, lesson_id) REFERENCES public.lesson(school_id, id);


--
-- Name: school_class school_class_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.school_class
    ADD CONSTRAINT school_class_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: space_feature space_feature_school_id_space_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space_feature
    ADD CONSTRAINT space_feature_school_id_space_id_fkey FOREIGN KEY (school_id, space_id) REFERENCES public.space(school_id, id);


--
-- Name: space space_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space
    ADD CONSTRAINT space_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: space space_school_id_wet_space_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space
    ADD CONSTRAINT space_school_id_wet_space_id_fkey FOREIGN KEY (school_id, wet_space_id) REFERENCES public.space(school_id, id);


--
-- Name: spring_session_attributes spring_session_attributes_fk; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spring_session_attributes
    ADD CONSTRAINT spring_session_attributes_fk FOREIGN KEY (session_primary_id) REFERENCES public.spring_session(primary_id) ON DELETE CASCADE;


--
-- Name: term term_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.term
    ADD CONSTRAINT term_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: timetable_slot timetable_slot_school_id_class_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.timetable_slot
    ADD CONSTRAINT timetable_slot_school_id_class_id_fkey FOREIGN KEY (school_id, class_id) REFERENCES public.school_class(school_id, id);


--
-- Name: timetable_slot timetable_slot_school_id_space_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.timetable_slot
    ADD CONSTRAINT timetable_slot_school_id_space_id_fkey FOREIGN KEY (school_id, space_id) REFERENCES public.space(school_id, id);


--
-- Name: trial_conflict trial_conflict_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial_conflict
    ADD CONSTRAINT trial_conflict_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: trial trial_observer_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial
    ADD CONSTRAINT trial_observer_fkey FOREIGN KEY (observer) REFERENCES public.person(id);


--
-- Name: trial trial_pack_sha256_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial
    ADD CONSTRAINT trial_pack_sha256_fkey FOREIGN KEY (pack_sha256) REFERENCES public.pack_version(sha256);


--
-- Name: trial trial_school_id_child_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial
    ADD CONSTRAINT trial_school_id_child_id_fkey FOREIGN KEY (school_id, child_id) REFERENCES public.child(school_id, id);


--
-- Name: trial trial_school_id_device_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial
    ADD CONSTRAINT trial_school_id_device_id_fkey FOREIGN KEY (school_id, device_id) REFERENCES public.device(school_id, id);


--
-- Name: trial trial_school_id_lesson_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial
    ADD CONSTRAINT trial_school_id_lesson_id_fkey FOREIGN KEY (school_id, lesson_id) REFERENCES public.lesson(school_id, id);


--
-- Name: trial_void trial_void_by_person_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial_void
    ADD CONSTRAINT trial_void_by_person_fkey FOREIGN KEY (by_person) REFERENCES public.person(id);


--
-- Name: trial_void trial_void_school_id_trial_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trial_void
    ADD CONSTRAINT trial_void_school_id_trial_id_fkey FOREIGN KEY (school_id, trial_id) REFERENCES public.trial(school_id, id);


--
-- Name: unit_revision unit_revision_by_person_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit_revision
    ADD CONSTRAINT unit_revision_by_person_fkey FOREIGN KEY (by_person) REFERENCES public.person(id);


--
-- Name: unit_revision unit_revision_school_id_parent_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit_revision
    ADD CONSTRAINT unit_revision_school_id_parent_fkey FOREIGN KEY (school_id, parent) REFERENCES public.unit_revision(school_id, id);


--
-- Name: unit_revision unit_revision_school_id_unit_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit_revision
    ADD CONSTRAINT unit_revision_school_id_unit_id_fkey FOREIGN KEY (school_id, unit_id) REFERENCES public.unit(school_id, id);


--
-- Name: unit unit_school_id_class_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit
    ADD CONSTRAINT unit_school_id_class_id_fkey FOREIGN KEY (school_id, class_id) REFERENCES public.school_class(school_id, id);


--
-- Name: unit unit_school_id_head_revision_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.unit
    ADD CONSTRAINT unit_school_id_head_revision_fkey FOREIGN KEY (school_id, head_revision) REFERENCES public.unit_revision(school_id, id) DEFERRABLE INITIALLY DEFERRED;


--
-- PostgreSQL database dump complete
--


