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

SET default_tablespace = '';

SET default_table_access_method = heap;

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
    CONSTRAINT cupboard_item_count_check CHECK (((count >= 0) AND (count <= 10000)))
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
    CONSTRAINT lesson_minutes_check CHECK (((minutes >= 10) AND (minutes <= 120))),
    CONSTRAINT lesson_position_check CHECK (("position" >= 0)),
    CONSTRAINT lesson_state_check CHECK ((state = ANY (ARRAY['PLANNED'::text, 'TAUGHT'::text, 'LOST'::text])))
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
    CONSTRAINT membership_role_check CHECK ((role = ANY (ARRAY['LEAD'::text, 'TEACHER'::text, 'ASSISTANT'::text, 'VIEWER'::text])))
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
    CONSTRAINT school_name_check CHECK (((length(name) >= 1) AND (length(name) <= 120))),
    CONSTRAINT school_year_naming_check CHECK ((year_naming = ANY (ARRAY['YEARS'::text, 'GRADES'::text, 'AGES'::text])))
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
    CONSTRAINT school_class_name_check CHECK (((length(name) >= 1) AND (length(name) <= 60))),
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
    CONSTRAINT space_ceiling_cm_check CHECK (((ceiling_cm >= 180) AND (ceiling_cm <= 5000))),
    CONSTRAINT space_check CHECK ((((width_cm >= 200) AND (width_cm <= 20000)) AND (width_cm <= length_cm))),
    CONSTRAINT space_floor_check CHECK ((floor = ANY (ARRAY['CARPET'::text, 'WOOD'::text, 'TARMAC'::text, 'GRASS'::text]))),
    CONSTRAINT space_length_cm_check CHECK (((length_cm >= 200) AND (length_cm <= 20000))),
    CONSTRAINT space_wall_spots_check CHECK (((wall_spots >= 0) AND (wall_spots <= 200)))
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
-- Data for Name: batch; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.batch VALUES
	('01a213c3-1d31-773d-ba0e-9a97f8cbef3c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1d30-7702-9df6-c5959b0e8c78', '2026-11-25 17:31:23.825619+00', '2026-11-25 17:31:23.826018+00', 0),
	('01a213c3-1e34-74fd-a842-171cf8789f9d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1e30-7c06-8cd6-b671eb909671', '2026-11-25 17:31:24.084877+00', '2026-11-25 17:31:24.085304+00', 0),
	('01a213c3-20a8-7a4d-8374-c31ff0d86c42', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-20a8-72bb-9e83-74845b9d7289', '2026-11-25 17:31:24.712741+00', '2026-11-25 17:31:24.713035+00', 0);


--
-- Data for Name: child; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.child VALUES
	('01a213c3-179f-7cab-a9b4-23d7d3a513e7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Maren', 'Oakhaven', 5, NULL, NULL, 0),
	('01a213c3-17a1-73b5-afc0-b25c5971dd07', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Bela', 'Dunecroft', 5, NULL, NULL, 0),
	('01a213c3-17a1-7917-80ae-72891d0fac32', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Emre', 'Estuary', 5, NULL, NULL, 0),
	('01a213c3-17a2-715a-a11c-1a93b9bec086', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Lior', 'Quayle-Orr', 5, NULL, NULL, 0),
	('01a213c3-17a2-77c3-8868-7e2917ed6818', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Idris', 'Kelpie', 5, NULL, NULL, 0),
	('01a213c3-17a3-7391-90bd-f3c47d3f44be', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Sana', 'Sandhu-Lowe', 5, NULL, NULL, 0),
	('01a213c3-17a3-75d3-aaba-fc33b5c79f1e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Ravi', 'Nethercove', 5, NULL, NULL, 0),
	('01a213c3-17a3-75ac-9d0b-f94d9360624a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Hari', 'Rockhall', 5, NULL, NULL, 0),
	('01a213c3-17a3-7e2a-b031-8adda25dd224', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Yusra', 'Ferry', 5, NULL, NULL, 0),
	('01a213c3-17a3-7643-9289-6672960a8863', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Femi', 'Pierpoint', 5, NULL, NULL, 0),
	('01a213c3-17a4-770d-ac6f-856b1b8621e7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Ines', 'Windle', 5, NULL, NULL, 0),
	('01a213c3-17a5-7617-b9a1-bc2979f48976', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Wren', 'Marsh', 5, NULL, NULL, 0),
	('01a213c3-17a5-7206-b420-f1c44fa23d6d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Tove', 'Harbourne', 5, NULL, NULL, 0),
	('01a213c3-17a6-7fea-a940-4a2a978413f0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Nia', 'Beaconsby', 5, NULL, NULL, 0),
	('01a213c3-17a7-7ef9-b001-a34f11ea83fd', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Zofia', 'Saltley', 5, NULL, NULL, 0),
	('01a213c3-17a7-7ec3-88a6-55ae60b24d1d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Elif', 'Merefield', 5, NULL, NULL, 0),
	('01a213c3-17a8-7144-8d57-4bcc1c6cb89d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Piet', 'Tidemark', 5, NULL, NULL, 0),
	('01a213c3-17a8-7002-bc23-2598b74fc491', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Jonas', 'Brackwater', 5, NULL, NULL, 0),
	('01a213c3-17a9-7a3c-b4c3-96c9c3789390', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Milo', 'Shingleton', 5, NULL, NULL, 0),
	('01a213c3-17a9-7503-a657-847e4a4d4c86', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Cato', 'Oakhaven', 5, NULL, NULL, 0),
	('01a213c3-17a9-763b-833d-47dfde151a96', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Pia', 'Dunecroft', 5, NULL, NULL, 0),
	('01a213c3-17a9-7d52-bb25-217a4c519c81', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Teo', 'Estuary', 5, NULL, NULL, 0),
	('01a213c3-17fb-7129-b73f-d7300abad4a1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Anouk', 'Quayle-Orr', 7, NULL, NULL, 0),
	('01a213c3-17fc-71c4-bae0-d261631a5724', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Rosa', 'Kelpie', 7, NULL, NULL, 0),
	('01a213c3-17fd-79f4-bb3a-9522344f249a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Lars', 'Sandhu-Lowe', 7, NULL, NULL, 0),
	('01a213c3-17fd-7c9a-9cae-4599690560ae', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Oona', 'Nethercove', 7, NULL, NULL, 0),
	('01a213c3-17fd-712e-acf4-4744e2918d13', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Kofi', 'Rockhall', 7, NULL, NULL, 0),
	('01a213c3-17fd-7c3f-bdf7-71824a04aa17', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Ayla', 'Ferry', 7, NULL, NULL, 0),
	('01a213c3-17fd-732f-82f2-ec2f7f802a64', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Bram', 'Pierpoint', 7, NULL, NULL, 0),
	('01a213c3-17fe-7aad-bf9b-228166a6e793', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Chidi', 'Windle', 7, NULL, NULL, 0),
	('01a213c3-17fe-7271-a980-c41c972a9b0c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Dilan', 'Marsh', 7, NULL, NULL, 0),
	('01a213c3-17fe-70ca-952b-18c13b36dc9b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Esme', 'Harbourne', 7, NULL, NULL, 0),
	('01a213c3-17ff-7d4e-bb41-4a8a3b624902', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Finn', 'Beaconsby', 7, NULL, NULL, 0),
	('01a213c3-17ff-7a31-8e35-cfacea630c37', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Greta', 'Saltley', 7, NULL, NULL, 0),
	('01a213c3-17ff-792a-9730-8b6c7f0b3caa', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Hugo', 'Merefield', 7, NULL, NULL, 0),
	('01a213c3-17ff-7950-9002-2b89102a96e8', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Ilse', 'Tidemark', 7, NULL, NULL, 0),
	('01a213c3-1800-7218-b728-ba9eda61a9e0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Juno', 'Brackwater', 7, NULL, NULL, 0),
	('01a213c3-1800-7d50-801e-12f33751c652', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Kaya', 'Shingleton', 7, NULL, NULL, 0),
	('01a213c3-1800-79d1-ba7f-f7faa36f8024', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Luka', 'Oakhaven', 7, NULL, NULL, 0),
	('01a213c3-1800-79be-aaab-488fb99ad5dd', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Mira', 'Dunecroft', 7, NULL, NULL, 0),
	('01a213c3-1801-72e2-a71b-78b6f67c8609', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Noor', 'Estuary', 7, NULL, NULL, 0),
	('01a213c3-1801-7456-86c5-d1e9a30e944c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Otis', 'Quayle-Orr', 7, NULL, NULL, 0),
	('01a213c3-1801-7a5f-8eae-953fc25abf6d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Petra', 'Kelpie', 7, NULL, NULL, 0),
	('01a213c3-1801-743f-92f1-bc181318c4eb', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Quinn', 'Sandhu-Lowe', 7, NULL, NULL, 0),
	('01a213c3-1801-779d-a985-b675cc65973c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Runa', 'Nethercove', 7, NULL, NULL, 0),
	('01a213c3-1801-7b23-b450-6c7eb36fe8aa', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Suri', 'Rockhall', 7, NULL, NULL, 0),
	('01a213c3-1802-7ef8-b15c-f1126aa0b2de', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Tariq', 'Ferry', 7, NULL, NULL, 0),
	('01a213c3-1802-7f40-a9d9-f2fbb35a7cec', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Uma', 'Pierpoint', 7, NULL, NULL, 0),
	('01a213c3-1802-7255-b657-3ad1d68b86d6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Vida', 'Windle', 7, NULL, NULL, 0),
	('01a213c3-1831-79cc-8c90-5040d126ff3e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Willa', 'Marsh', 9, NULL, NULL, 0),
	('01a213c3-1832-7f44-aea7-a77c24d9fd08', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Xavi', 'Harbourne', 9, NULL, NULL, 0),
	('01a213c3-1832-7f83-a245-6754f19603da', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Yara', 'Beaconsby', 9, NULL, NULL, 0),
	('01a213c3-1832-7461-9f89-1a90f2a0e9ea', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Zeno', 'Saltley', 9, NULL, NULL, 0),
	('01a213c3-1832-7cb1-be25-523345205019', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Alma', 'Merefield', 9, NULL, NULL, 0),
	('01a213c3-1832-715b-859f-74c90de9c8c0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Birk', 'Tidemark', 9, NULL, NULL, 0),
	('01a213c3-1832-78ce-9490-5f8ad88eefb5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Carys', 'Brackwater', 9, NULL, NULL, 0),
	('01a213c3-1832-721c-840e-eb5484695c26', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Dov', 'Shingleton', 9, NULL, NULL, 0),
	('01a213c3-1832-795d-9d7c-f4e922117f7f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Edda', 'Oakhaven', 9, NULL, NULL, 0),
	('01a213c3-1832-7493-858b-64a02a6a3e4f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Farid', 'Dunecroft', 9, NULL, NULL, 0),
	('01a213c3-1833-7f0c-9048-715be10147c2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Gwen', 'Estuary', 9, NULL, NULL, 0),
	('01a213c3-1833-7a4f-aa9c-8b7561a767c1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Hal', 'Quayle-Orr', 9, NULL, NULL, 0),
	('01a213c3-1833-708a-93f6-d7fe37f4fddd', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Isla', 'Kelpie', 9, NULL, NULL, 0),
	('01a213c3-1833-7af2-a8cd-960026ab5209', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Jory', 'Sandhu-Lowe', 9, NULL, NULL, 0),
	('01a213c3-1833-750b-9b11-30bfb84506d6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Kit', 'Nethercove', 9, NULL, NULL, 0),
	('01a213c3-1833-7175-bdb2-51b2a94333ec', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Lena', 'Rockhall', 9, NULL, NULL, 0),
	('01a213c3-1833-7813-8a85-af6cc5d3c1c7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Mabli', 'Ferry', 9, NULL, NULL, 0),
	('01a213c3-1833-7e1d-aa6c-b096b4f878a2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Niko', 'Pierpoint', 9, NULL, NULL, 0),
	('01a213c3-1833-7219-ac50-b9b7851d9c60', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Orla', 'Windle', 9, NULL, NULL, 0),
	('01a213c3-1833-7f44-994d-96acf2c8505c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Pau', 'Marsh', 9, NULL, NULL, 0),
	('01a213c3-1833-7500-bd34-5469baa43aec', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Rafi', 'Harbourne', 9, NULL, NULL, 0),
	('01a213c3-1833-7fd5-96dc-c6615b7c6f6d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Saga', 'Beaconsby', 9, NULL, NULL, 0),
	('01a213c3-1833-7b0a-bb2d-faafa2ee7358', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Tomos', 'Saltley', 9, NULL, NULL, 0),
	('01a213c3-1834-7295-bf4c-73671a2cf1ba', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Ulla', 'Merefield', 9, NULL, NULL, 0),
	('01a213c3-1834-7243-aa1e-15d59f9d90d6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Vito', 'Tidemark', 9, NULL, NULL, 0),
	('01a213c3-1834-7ca2-b82c-6855cf903c82', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Wiki', 'Brackwater', 9, NULL, NULL, 0),
	('01a213c3-1834-7fcd-aa40-a98920d69d36', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Yann', 'Shingleton', 9, NULL, NULL, 0),
	('01a213c3-1834-7345-af20-c91070fb8554', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Zia', 'Oakhaven', 9, NULL, NULL, 0),
	('01a213c3-1834-7118-b128-16d8c6c1ec0f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Anselm', 'Dunecroft', 9, NULL, NULL, 0),
	('01a213c3-1834-778d-b830-d90553861467', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Bodil', 'Estuary', 9, NULL, NULL, 0),
	('01a213c3-1834-7677-b709-66771da11472', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Cilla', 'Quayle-Orr', 9, NULL, NULL, 0);


--
-- Data for Name: child_cue; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: child_side; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.child_side VALUES
	('01a213c3-17b2-76af-9890-2c39fcf1f9f9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-179f-7cab-a9b4-23d7d3a513e7', 'THROW', 'LEFT', 0),
	('01a213c3-17b4-74d9-bb69-32e2f70ff722', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-179f-7cab-a9b4-23d7d3a513e7', 'KICK', 'RIGHT', 0),
	('01a213c3-17b5-7024-8680-6298f632da12', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a1-73b5-afc0-b25c5971dd07', 'THROW', 'RIGHT', 0),
	('01a213c3-17b5-72df-87aa-111ba63abc3c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a1-7917-80ae-72891d0fac32', 'THROW', 'RIGHT', 0),
	('01a213c3-17b5-7612-90cf-4b11f8257ec2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a2-715a-a11c-1a93b9bec086', 'THROW', 'RIGHT', 0),
	('01a213c3-17b6-70eb-b22b-f304efd34283', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a2-77c3-8868-7e2917ed6818', 'THROW', 'RIGHT', 0),
	('01a213c3-17b6-7378-ac12-86f7e8b7e651', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a3-7391-90bd-f3c47d3f44be', 'THROW', 'LEFT', 0),
	('01a213c3-17b6-769d-b06b-ad1dd74683f9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a3-75d3-aaba-fc33b5c79f1e', 'THROW', 'RIGHT', 0),
	('01a213c3-17b6-7fa9-b2a1-84fdd583bf32', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a3-75ac-9d0b-f94d9360624a', 'THROW', 'RIGHT', 0),
	('01a213c3-17b6-74f8-8e0e-f98d4586acfa', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a3-7643-9289-6672960a8863', 'THROW', 'RIGHT', 0),
	('01a213c3-17b7-7c53-8e3a-e991b3a2fa03', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a4-770d-ac6f-856b1b8621e7', 'THROW', 'RIGHT', 0),
	('01a213c3-17b7-7215-a0d6-5dfc0917c79e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a5-7617-b9a1-bc2979f48976', 'THROW', 'RIGHT', 0),
	('01a213c3-17b7-7eae-8d6a-f0137f8edb44', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a5-7206-b420-f1c44fa23d6d', 'THROW', 'RIGHT', 0),
	('01a213c3-17b7-7bd9-8ebd-b426ff170e53', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a6-7fea-a940-4a2a978413f0', 'THROW', 'RIGHT', 0),
	('01a213c3-17b8-7d3f-8d03-353c8092feaf', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a7-7ef9-b001-a34f11ea83fd', 'THROW', 'RIGHT', 0),
	('01a213c3-17b9-7dac-abcd-203ac0d1eb5e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a7-7ec3-88a6-55ae60b24d1d', 'THROW', 'RIGHT', 0),
	('01a213c3-17ba-784a-9e9b-6bbeae2ac513', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a8-7144-8d57-4bcc1c6cb89d', 'THROW', 'RIGHT', 0),
	('01a213c3-17bc-73eb-b811-471009c3720d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a9-7a3c-b4c3-96c9c3789390', 'THROW', 'RIGHT', 0),
	('01a213c3-17bd-7cf9-a96e-2be972ad29d5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a9-7503-a657-847e4a4d4c86', 'THROW', 'RIGHT', 0),
	('01a213c3-17bf-705d-924a-ba840b03ca71', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a9-763b-833d-47dfde151a96', 'THROW', 'RIGHT', 0),
	('01a213c3-17c1-79ff-ab74-633e6e42bc99', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17a9-7d52-bb25-217a4c519c81', 'THROW', 'RIGHT', 0),
	('01a213c3-1806-7b8c-9eb5-3c349126f32e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fb-7129-b73f-d7300abad4a1', 'THROW', 'LEFT', 0),
	('01a213c3-1807-74a7-83a1-60ccc0338a6e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fb-7129-b73f-d7300abad4a1', 'KICK', 'RIGHT', 0),
	('01a213c3-1809-74ab-bfe0-763987533563', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fc-71c4-bae0-d261631a5724', 'THROW', 'RIGHT', 0),
	('01a213c3-1809-7694-9bb3-dcea76e80398', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-79f4-bb3a-9522344f249a', 'THROW', 'RIGHT', 0),
	('01a213c3-180a-7a6a-81e3-6c10061d4a5a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c9a-9cae-4599690560ae', 'THROW', 'RIGHT', 0),
	('01a213c3-180a-7dc4-9427-844c925cb6b1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-712e-acf4-4744e2918d13', 'THROW', 'RIGHT', 0),
	('01a213c3-180b-7801-816c-ccab3280299e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', 'THROW', 'LEFT', 0),
	('01a213c3-180b-75e1-9334-139f236c0af6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7aad-bf9b-228166a6e793', 'THROW', 'RIGHT', 0),
	('01a213c3-180b-7c69-8f0a-480c97a59144', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7271-a980-c41c972a9b0c', 'THROW', 'RIGHT', 0),
	('01a213c3-180b-7435-a354-62f46cd0c258', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-70ca-952b-18c13b36dc9b', 'THROW', 'RIGHT', 0),
	('01a213c3-180c-7852-9008-ec2e462ee0b5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7d4e-bb41-4a8a3b624902', 'THROW', 'LEFT', 0),
	('01a213c3-180d-7405-9084-4bbb8dc57267', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7d4e-bb41-4a8a3b624902', 'KICK', 'RIGHT', 0),
	('01a213c3-180d-7757-88cd-9d1db44dcc08', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7a31-8e35-cfacea630c37', 'THROW', 'RIGHT', 0),
	('01a213c3-180d-70aa-b1b4-8ae91374b1c9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', 'THROW', 'RIGHT', 0),
	('01a213c3-180e-7e90-8f55-3aac92dac4f4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7950-9002-2b89102a96e8', 'THROW', 'RIGHT', 0),
	('01a213c3-180e-7352-909d-1bbd88377748', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7218-b728-ba9eda61a9e0', 'THROW', 'RIGHT', 0),
	('01a213c3-180e-75a7-a60b-0909289063be', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7d50-801e-12f33751c652', 'THROW', 'LEFT', 0),
	('01a213c3-180e-7b38-91e2-dab8c80a5e48', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79d1-ba7f-f7faa36f8024', 'THROW', 'RIGHT', 0),
	('01a213c3-180e-7d7c-b189-1f3aec76b64f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79be-aaab-488fb99ad5dd', 'THROW', 'RIGHT', 0),
	('01a213c3-180f-7673-b486-d69a217ad14a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-72e2-a71b-78b6f67c8609', 'THROW', 'RIGHT', 0),
	('01a213c3-180f-74c5-a6a0-5aec71c6fdbf', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7456-86c5-d1e9a30e944c', 'THROW', 'RIGHT', 0),
	('01a213c3-180f-7a29-8810-34d4f4ed034e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7a5f-8eae-953fc25abf6d', 'THROW', 'LEFT', 0),
	('01a213c3-180f-7cad-8a74-b5037fb75223', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7a5f-8eae-953fc25abf6d', 'KICK', 'RIGHT', 0),
	('01a213c3-1810-77de-8a76-17d211ca7406', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-743f-92f1-bc181318c4eb', 'THROW', 'RIGHT', 0),
	('01a213c3-1810-7628-82f2-47591fab615f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-779d-a985-b675cc65973c', 'THROW', 'RIGHT', 0),
	('01a213c3-1810-703b-8254-daf79951c6dc', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', 'THROW', 'RIGHT', 0),
	('01a213c3-1810-7ab4-9b92-f7d2a5d9e3ce', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7f40-a9d9-f2fbb35a7cec', 'THROW', 'RIGHT', 0),
	('01a213c3-1812-7322-aae9-605c6652f274', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7255-b657-3ad1d68b86d6', 'THROW', 'RIGHT', 0),
	('01a213c3-1837-7510-9945-686e401d0048', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1831-79cc-8c90-5040d126ff3e', 'THROW', 'LEFT', 0),
	('01a213c3-1837-71bb-bdbb-a2ed03201f24', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1831-79cc-8c90-5040d126ff3e', 'KICK', 'RIGHT', 0),
	('01a213c3-1837-78e0-8cfe-ee934d2e13c4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1832-7f44-aea7-a77c24d9fd08', 'THROW', 'RIGHT', 0),
	('01a213c3-1837-7eee-87a4-7933a6379341', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1832-7f83-a245-6754f19603da', 'THROW', 'RIGHT', 0),
	('01a213c3-1838-73fa-9b88-d9ecd8e36702', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1832-7461-9f89-1a90f2a0e9ea', 'THROW', 'RIGHT', 0),
	('01a213c3-1838-7156-abe8-61ebb1bbf456', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1832-715b-859f-74c90de9c8c0', 'THROW', 'LEFT', 0),
	('01a213c3-1838-7ab3-994d-411ed27ad5ed', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1832-78ce-9490-5f8ad88eefb5', 'THROW', 'RIGHT', 0),
	('01a213c3-1838-7299-8f3e-6c36fd17f331', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1832-721c-840e-eb5484695c26', 'THROW', 'RIGHT', 0),
	('01a213c3-1838-707c-a74c-e4eb6ac5487b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1832-795d-9d7c-f4e922117f7f', 'THROW', 'RIGHT', 0),
	('01a213c3-1838-7d97-bbbf-9c33936db7b2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1832-7493-858b-64a02a6a3e4f', 'THROW', 'RIGHT', 0),
	('01a213c3-1839-7f4d-a421-eedfdcb5240e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7f0c-9048-715be10147c2', 'THROW', 'LEFT', 0),
	('01a213c3-1839-7866-8b4e-6847eb3d0280', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7f0c-9048-715be10147c2', 'KICK', 'RIGHT', 0),
	('01a213c3-1839-7c99-aa37-90c990385c7b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7a4f-aa9c-8b7561a767c1', 'THROW', 'RIGHT', 0),
	('01a213c3-1839-7762-9644-dd2f95914bf4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-708a-93f6-d7fe37f4fddd', 'THROW', 'RIGHT', 0),
	('01a213c3-1839-783f-a370-9271942097d7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-750b-9b11-30bfb84506d6', 'THROW', 'RIGHT', 0),
	('01a213c3-1839-79b2-b188-238f077c35f4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7175-bdb2-51b2a94333ec', 'THROW', 'RIGHT', 0),
	('01a213c3-1839-7802-9277-c07a80825d8d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7813-8a85-af6cc5d3c1c7', 'THROW', 'RIGHT', 0),
	('01a213c3-183a-70f8-93d4-ed9d37d51a96', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7e1d-aa6c-b096b4f878a2', 'THROW', 'RIGHT', 0),
	('01a213c3-183a-7c5a-bd69-2e446996bd16', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7219-ac50-b9b7851d9c60', 'THROW', 'RIGHT', 0),
	('01a213c3-183a-7566-88e6-213b4662ab1a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7f44-994d-96acf2c8505c', 'THROW', 'RIGHT', 0),
	('01a213c3-183a-7402-84e1-59995a0461c9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7500-bd34-5469baa43aec', 'THROW', 'RIGHT', 0),
	('01a213c3-183a-738e-a2ef-352e9b3bcac6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1833-7fd5-96dc-c6615b7c6f6d', 'THROW', 'RIGHT', 0),
	('01a213c3-183a-7a77-9b73-baa5b34f6a97', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1834-7295-bf4c-73671a2cf1ba', 'THROW', 'RIGHT', 0),
	('01a213c3-183b-7bdf-a1ce-e70a55421058', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1834-7243-aa1e-15d59f9d90d6', 'THROW', 'RIGHT', 0),
	('01a213c3-183b-72a3-b80f-d6e1c02f70fb', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1834-7ca2-b82c-6855cf903c82', 'THROW', 'RIGHT', 0),
	('01a213c3-183b-75ba-8fde-26616e1246f9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1834-7fcd-aa40-a98920d69d36', 'THROW', 'RIGHT', 0),
	('01a213c3-183b-7c6f-978d-04a6ca318b5f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1834-7345-af20-c91070fb8554', 'THROW', 'RIGHT', 0),
	('01a213c3-183b-79a3-b89f-bf5371cf6ee0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1834-7118-b128-16d8c6c1ec0f', 'THROW', 'RIGHT', 0),
	('01a213c3-183b-7d0b-a862-552fd392da55', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1834-778d-b830-d90553861467', 'THROW', 'RIGHT', 0),
	('01a213c3-183c-7bc4-ab26-d10a3b13eafd', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1834-7677-b709-66771da11472', 'THROW', 'RIGHT', 0);


--
-- Data for Name: cue_taught; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.cue_taught VALUES
	('01a213c3-1cc9-7339-baca-5aa6491bdf09', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', 'two-hand-catch/watch-it-in', '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '2026-11-10 10:05:00+00'),
	('01a213c3-1cca-71c0-b4e9-8d0ff191a627', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', 'underarm-roll/swing-back', '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '2026-11-10 10:05:00+00'),
	('01a213c3-1de0-73d3-ad7f-663457417f63', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', 'two-hand-catch/meet-it', '01a213c3-1887-7395-8c89-61f630a2eaec', '2026-11-13 10:05:00+00'),
	('01a213c3-1de2-7a81-aefb-b584186456a3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', 'underarm-roll/eyes-on-target', '01a213c3-1887-7395-8c89-61f630a2eaec', '2026-11-13 10:05:00+00'),
	('01a213c3-2069-720b-a51e-0fb0c6f40882', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', 'two-hand-catch/fingers', '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '2026-11-20 10:05:00+00'),
	('01a213c3-206a-7ebf-a396-51cc044a1340', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', 'two-hand-catch/soften', '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '2026-11-20 10:05:00+00');


--
-- Data for Name: cupboard_item; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.cupboard_item VALUES
	('01a213c3-16f0-7fb4-af9b-7df5708b7f08', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'bottle-full', 6, NULL, 0),
	('01a213c3-16f9-7bef-8d8f-9ed78a54f70a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'playground-ball', 4, NULL, 0),
	('01a213c3-1702-704f-a7d0-cdc94c4a7cb5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'scarf', 24, NULL, 0),
	('01a213c3-1707-74e2-bd99-14ebf9c592d1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'tennis-ball', 20, NULL, 0),
	('01a213c3-170e-7625-9ff7-3647e04cba62', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'rope', 15, NULL, 0),
	('01a213c3-1714-781c-9328-90c6c8368794', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'skittle', 12, NULL, 0),
	('01a213c3-171c-7b43-9a2d-9e8c8f4cc9c3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'low-tennis-ball', 12, NULL, 0),
	('01a213c3-1721-7d83-9653-c54e6074ad2a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'cone', 16, NULL, 0),
	('01a213c3-1727-7411-a591-d6d95f8380f7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'sock-ball', 14, NULL, 0),
	('01a213c3-172b-7760-9701-56ba108cdf52', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'foam-ball-16', 8, NULL, 0),
	('01a213c3-1731-7ed2-b0a8-328312c7edbc', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'bottle-empty', 24, NULL, 0),
	('01a213c3-1736-7d41-8531-2a73ce21b8a5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'spot', 30, NULL, 0),
	('01a213c3-173a-7dbf-b96b-33ceef3dd271', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'hoop', 8, NULL, 0),
	('01a213c3-1740-7e90-8371-e0b4df9e731b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'foam-ball-20', 10, NULL, 0),
	('01a213c3-1744-79b7-9ebd-5e82992c6ee4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'beanbag', 20, NULL, 0),
	('01a213c3-1749-7015-877b-46286e92af13', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'cup', 30, NULL, 0);


--
-- Data for Name: device; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.device VALUES
	('01a213c3-1d30-7702-9df6-c5959b0e8c78', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '2026-11-25 17:31:23.826479+00'),
	('01a213c3-1e30-7c06-8cd6-b671eb909671', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '2026-11-25 17:31:24.085539+00'),
	('01a213c3-20a8-72bb-9e83-74845b9d7289', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '2026-11-25 17:31:24.713239+00');


--
-- Data for Name: enrolment; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.enrolment VALUES
	('01a213c3-17b4-73d3-b7eb-7c48796a163a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-179f-7cab-a9b4-23d7d3a513e7', '2026-09-23', NULL, 0),
	('01a213c3-17b5-73b8-b2c1-36ed3e3d5183', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a1-73b5-afc0-b25c5971dd07', '2026-09-23', NULL, 0),
	('01a213c3-17b5-78ee-834a-d201bcd4339e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a1-7917-80ae-72891d0fac32', '2026-09-23', NULL, 0),
	('01a213c3-17b5-7f2d-b5b7-ee7f7005e9f1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a2-715a-a11c-1a93b9bec086', '2026-09-23', NULL, 0),
	('01a213c3-17b6-7688-affa-b24286b795f4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a2-77c3-8868-7e2917ed6818', '2026-09-23', NULL, 0),
	('01a213c3-17b6-7775-a15a-b2d6de0fdf7c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a3-7391-90bd-f3c47d3f44be', '2026-09-23', NULL, 0),
	('01a213c3-17b6-760b-b3e6-0a2492d0eddd', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a3-75d3-aaba-fc33b5c79f1e', '2026-09-23', NULL, 0),
	('01a213c3-17b6-72b8-a959-a9accd5f1f04', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a3-75ac-9d0b-f94d9360624a', '2026-09-23', NULL, 0),
	('01a213c3-17b6-7379-927f-5b7ff584e884', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a3-7e2a-b031-8adda25dd224', '2026-09-23', NULL, 0),
	('01a213c3-17b7-75da-9b16-68c97365e06b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a3-7643-9289-6672960a8863', '2026-09-23', NULL, 0),
	('01a213c3-17b7-760b-bc6a-7568db466aa3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a4-770d-ac6f-856b1b8621e7', '2026-09-23', NULL, 0),
	('01a213c3-17b7-74bf-b69a-019fc55ee54b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a5-7617-b9a1-bc2979f48976', '2026-09-23', NULL, 0),
	('01a213c3-17b7-766f-ba82-8398e5b2862f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a5-7206-b420-f1c44fa23d6d', '2026-09-23', NULL, 0),
	('01a213c3-17b8-71bd-84eb-7dfc6af1cbae', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a6-7fea-a940-4a2a978413f0', '2026-09-23', NULL, 0),
	('01a213c3-17b8-7336-8b37-ebdb4b4195de', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a7-7ef9-b001-a34f11ea83fd', '2026-09-23', NULL, 0),
	('01a213c3-17b9-7c03-bf02-855873c94752', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a7-7ec3-88a6-55ae60b24d1d', '2026-09-23', NULL, 0),
	('01a213c3-17ba-746e-91ea-69df0efe20ec', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a8-7144-8d57-4bcc1c6cb89d', '2026-09-23', NULL, 0),
	('01a213c3-17ba-7e5f-9c14-38a67e8c05af', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a8-7002-bc23-2598b74fc491', '2026-09-23', NULL, 0),
	('01a213c3-17bc-79f7-9f92-e5523bfc537d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a9-7a3c-b4c3-96c9c3789390', '2026-09-23', NULL, 0),
	('01a213c3-17bf-75bf-8487-35944ae277b4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a9-7503-a657-847e4a4d4c86', '2026-09-23', NULL, 0),
	('01a213c3-17bf-74b7-9a58-8ce276ddd389', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a9-763b-833d-47dfde151a96', '2026-09-23', NULL, 0),
	('01a213c3-17c1-7848-9048-9a991c1edfbb', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-17a9-7d52-bb25-217a4c519c81', '2026-09-23', NULL, 0),
	('01a213c3-1808-780e-9d7a-c617fc0d673b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fb-7129-b73f-d7300abad4a1', '2026-09-23', NULL, 0),
	('01a213c3-1809-7468-b643-912759c4f1af', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fc-71c4-bae0-d261631a5724', '2026-09-23', NULL, 0),
	('01a213c3-1809-723b-a227-6931e38a4ee1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fd-79f4-bb3a-9522344f249a', '2026-09-23', NULL, 0),
	('01a213c3-180a-70ca-914d-5db2d006a41a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fd-7c9a-9cae-4599690560ae', '2026-09-23', NULL, 0),
	('01a213c3-180b-710c-a6bd-c0a65c5ddbb6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fd-712e-acf4-4744e2918d13', '2026-09-23', NULL, 0),
	('01a213c3-180b-7d60-9e8b-c3fc612df627', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', '2026-09-23', NULL, 0),
	('01a213c3-180b-79d4-ac2a-86d08d99fe1f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fd-732f-82f2-ec2f7f802a64', '2026-09-23', NULL, 0),
	('01a213c3-180b-7140-b835-0edf8fa7f3a0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fe-7aad-bf9b-228166a6e793', '2026-09-23', NULL, 0),
	('01a213c3-180b-7e08-9c5e-0696109af985', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fe-7271-a980-c41c972a9b0c', '2026-09-23', NULL, 0),
	('01a213c3-180b-78bd-bdc8-822fdda21aa7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17fe-70ca-952b-18c13b36dc9b', '2026-09-23', NULL, 0),
	('01a213c3-180d-7f2e-9a8b-4cbd0e09896c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17ff-7d4e-bb41-4a8a3b624902', '2026-09-23', NULL, 0),
	('01a213c3-180d-7bf2-9b3a-3077fc8d8442', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17ff-7a31-8e35-cfacea630c37', '2026-09-23', NULL, 0),
	('01a213c3-180e-7a6f-83a8-96402ad69278', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', '2026-09-23', NULL, 0),
	('01a213c3-180e-769c-8126-98a6d9d57b51', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-17ff-7950-9002-2b89102a96e8', '2026-09-23', NULL, 0),
	('01a213c3-180e-7a2b-8a02-74bb5dd64fc2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1800-7218-b728-ba9eda61a9e0', '2026-09-23', NULL, 0),
	('01a213c3-180e-788a-9627-3de0ac6453bf', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1800-7d50-801e-12f33751c652', '2026-09-23', NULL, 0),
	('01a213c3-180e-74c3-bdbf-1a5403e67d7f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1800-79d1-ba7f-f7faa36f8024', '2026-09-23', NULL, 0),
	('01a213c3-180f-7b3b-8780-991fc6dc3915', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1800-79be-aaab-488fb99ad5dd', '2026-09-23', NULL, 0),
	('01a213c3-180f-7aa7-acfd-48fd9b11d3f6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1801-72e2-a71b-78b6f67c8609', '2026-09-23', NULL, 0),
	('01a213c3-180f-7ba3-96d9-ac08fb9d8b34', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1801-7456-86c5-d1e9a30e944c', '2026-09-23', NULL, 0),
	('01a213c3-1810-7c97-84b2-cebdd3c2093b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1801-7a5f-8eae-953fc25abf6d', '2026-09-23', NULL, 0),
	('01a213c3-1810-7cef-9fcc-74f01eca476a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1801-743f-92f1-bc181318c4eb', '2026-09-23', NULL, 0),
	('01a213c3-1810-751f-9ee1-5a45fedcae6d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1801-779d-a985-b675cc65973c', '2026-09-23', NULL, 0),
	('01a213c3-1810-7a69-b651-36453bf409d5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', '2026-09-23', NULL, 0),
	('01a213c3-1810-745a-a681-8045ef340b35', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1802-7ef8-b15c-f1126aa0b2de', '2026-09-23', NULL, 0),
	('01a213c3-1810-7acb-9caf-157fcad7674c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1802-7f40-a9d9-f2fbb35a7cec', '2026-09-23', NULL, 0),
	('01a213c3-1812-7437-9733-9cc43df9e6f1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-1802-7255-b657-3ad1d68b86d6', '2026-09-23', NULL, 0),
	('01a213c3-1837-7cc3-accf-1353f5f1a5c4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1831-79cc-8c90-5040d126ff3e', '2026-09-23', NULL, 0),
	('01a213c3-1837-73dd-b809-5252510c8c7f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-7f44-aea7-a77c24d9fd08', '2026-09-23', NULL, 0),
	('01a213c3-1838-77aa-982e-79dfad59e1c6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-7f83-a245-6754f19603da', '2026-09-23', NULL, 0),
	('01a213c3-1838-77b5-9ca9-53b26629d185', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-7461-9f89-1a90f2a0e9ea', '2026-09-23', NULL, 0),
	('01a213c3-1838-7b58-be93-df08daff8fe0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-7cb1-be25-523345205019', '2026-09-23', NULL, 0),
	('01a213c3-1838-7036-a01a-f83b12b2dfac', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-715b-859f-74c90de9c8c0', '2026-09-23', NULL, 0),
	('01a213c3-1838-7f74-b611-5d1748b7dcf7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-78ce-9490-5f8ad88eefb5', '2026-09-23', NULL, 0),
	('01a213c3-1838-7381-9ca9-ad09ad88249f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-721c-840e-eb5484695c26', '2026-09-23', NULL, 0),
	('01a213c3-1838-7c3c-9065-121edc90bddf', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-795d-9d7c-f4e922117f7f', '2026-09-23', NULL, 0),
	('01a213c3-1838-70d8-8220-802521dc3608', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1832-7493-858b-64a02a6a3e4f', '2026-09-23', NULL, 0),
	('01a213c3-1839-750a-9654-01a08ac7a92b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7f0c-9048-715be10147c2', '2026-09-23', NULL, 0),
	('01a213c3-1839-7680-bed3-345c0566853c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7a4f-aa9c-8b7561a767c1', '2026-09-23', NULL, 0),
	('01a213c3-1839-7a8f-972a-3cba4a1fe402', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-708a-93f6-d7fe37f4fddd', '2026-09-23', NULL, 0),
	('01a213c3-1839-76b7-a494-067d7a7a995d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7af2-a8cd-960026ab5209', '2026-09-23', NULL, 0),
	('01a213c3-1839-7a09-976c-bb83d54c8fc8', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-750b-9b11-30bfb84506d6', '2026-09-23', NULL, 0),
	('01a213c3-1839-72db-b178-2afdb818f1c1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7175-bdb2-51b2a94333ec', '2026-09-23', NULL, 0),
	('01a213c3-1839-71c5-9f73-daa445ac48e5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7813-8a85-af6cc5d3c1c7', '2026-09-23', NULL, 0),
	('01a213c3-183a-7855-8800-408ac6dcde55', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7e1d-aa6c-b096b4f878a2', '2026-09-23', NULL, 0),
	('01a213c3-183a-772f-a43a-c8aa7e1d87d8', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7219-ac50-b9b7851d9c60', '2026-09-23', NULL, 0),
	('01a213c3-183a-7ac3-8c49-b1386a42b9a0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7f44-994d-96acf2c8505c', '2026-09-23', NULL, 0),
	('01a213c3-183a-7301-aaf0-89540833f308', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7500-bd34-5469baa43aec', '2026-09-23', NULL, 0),
	('01a213c3-183a-7117-a8e5-4c446466234a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7fd5-96dc-c6615b7c6f6d', '2026-09-23', NULL, 0),
	('01a213c3-183a-73cc-b1fb-d63ae3463f49', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1833-7b0a-bb2d-faafa2ee7358', '2026-09-23', NULL, 0),
	('01a213c3-183a-72dc-a676-63b0344222ba', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1834-7295-bf4c-73671a2cf1ba', '2026-09-23', NULL, 0),
	('01a213c3-183b-799d-b252-11fb157073ab', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1834-7243-aa1e-15d59f9d90d6', '2026-09-23', NULL, 0),
	('01a213c3-183b-7029-a28b-93abcfa2e172', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1834-7ca2-b82c-6855cf903c82', '2026-09-23', NULL, 0),
	('01a213c3-183b-789e-a7cb-1395cbeff261', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1834-7fcd-aa40-a98920d69d36', '2026-09-23', NULL, 0),
	('01a213c3-183b-76a1-a90d-0b099881fc84', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1834-7345-af20-c91070fb8554', '2026-09-23', NULL, 0),
	('01a213c3-183b-743f-acf1-5d9c84bd96ec', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1834-7118-b128-16d8c6c1ec0f', '2026-09-23', NULL, 0),
	('01a213c3-183b-7d41-99c7-3485de8a6466', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1834-778d-b830-d90553861467', '2026-09-23', NULL, 0),
	('01a213c3-183c-75df-a5aa-216e49414fc6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-1834-7677-b709-66771da11472', '2026-09-23', NULL, 0);


--
-- Data for Name: flyway_schema_history; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.flyway_schema_history VALUES
	(1, '1', 'bones', 'SQL', 'V1__bones.sql', 1022546159, 'isokinet', '2026-11-25 17:31:02.54831', 92, true),
	(2, '2', 'sessions', 'SQL', 'V2__sessions.sql', 1873624569, 'isokinet', '2026-11-25 17:31:02.687903', 7, true);


--
-- Data for Name: lesson; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.lesson VALUES
	('01a213c3-1888-7d80-9df4-6e26c4014a50', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', 4, '2026-11-25', 30, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0),
	('01a213c3-1888-7c5b-9a11-5973758f93af', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', 5, '2026-12-01', 30, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0),
	('01a213c3-1888-7db9-8645-0e0cda748750', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', 6, '2026-12-04', 30, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0),
	('01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', 0, '2026-11-10', 30, '01a213c3-16a7-7264-b7d9-893911e645f0', 'TAUGHT', 1),
	('01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', 1, '2026-11-13', 30, '01a213c3-16a7-7264-b7d9-893911e645f0', 'TAUGHT', 1),
	('01a213c3-1887-7650-ad33-e9a2acfa6f61', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', 2, '2026-11-17', 30, '01a213c3-16a7-7264-b7d9-893911e645f0', 'LOST', 1),
	('01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', 3, '2026-11-20', 30, '01a213c3-16a7-7264-b7d9-893911e645f0', 'TAUGHT', 1),
	('01a213c3-222e-7c58-9ae3-b712ad121e23', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-221e-7c6f-8965-2d22bb7ead88', 0, '2026-12-02', 40, '01a213c3-16a7-7169-b1aa-e2223cef4eb6', 'PLANNED', 0),
	('01a213c3-222e-791e-888f-ad9b74415b1f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-221e-7c6f-8965-2d22bb7ead88', 1, '2026-12-09', 40, '01a213c3-16a7-7169-b1aa-e2223cef4eb6', 'PLANNED', 0),
	('01a213c3-222e-7976-8a79-3665671e878d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-221e-7c6f-8965-2d22bb7ead88', 2, '2026-12-16', 40, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0),
	('01a213c3-222e-7a9b-972b-543e7cd8a777', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-221e-7c6f-8965-2d22bb7ead88', 3, '2026-12-23', 40, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0),
	('01a213c3-2326-768b-8f9d-a47e11cb9f00', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-2315-7cd9-bbd2-a3b4c785c886', 0, '2026-11-30', 25, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0),
	('01a213c3-2327-78a5-88c9-300172df10d9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-2315-7cd9-bbd2-a3b4c785c886', 1, '2026-12-07', 25, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0),
	('01a213c3-2327-7700-aedf-596a630621de', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-2315-7cd9-bbd2-a3b4c785c886', 2, '2026-12-14', 25, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0),
	('01a213c3-2327-75d6-ac24-992a5c597258', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-2315-7cd9-bbd2-a3b4c785c886', 3, '2026-12-21', 25, '01a213c3-16a7-7264-b7d9-893911e645f0', 'PLANNED', 0);


--
-- Data for Name: mastery_rule; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: membership; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.membership VALUES
	('01a213c3-16a2-791a-a9f8-3cc8ee888a7a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', 'LEAD', 0);


--
-- Data for Name: pack_version; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.pack_version VALUES
	('b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', NULL, 'starter', 1, '{"kit.yaml": {"items": [{"key": "foam-ball-20", "many": "foam balls (20 cm)", "name": "foam ball (20 cm)", "grams": 200, "width": 200, "traits": ["rolls", "bounces", "soft"]}, {"key": "foam-ball-16", "many": "foam balls (16 cm)", "name": "foam ball (16 cm)", "grams": 130, "width": 160, "traits": ["rolls", "bounces", "soft"]}, {"key": "sock-ball", "many": "sock balls", "name": "sock ball", "grams": 60, "width": 80, "traits": ["rolls", "soft", "grips"], "home-made": true}, {"key": "low-tennis-ball", "many": "low-compression tennis balls", "name": "low-compression tennis ball", "grams": 45, "width": 68, "traits": ["rolls", "bounces", "soft"]}, {"key": "tennis-ball", "many": "tennis balls", "name": "tennis ball", "grams": 58, "width": 67, "traits": ["rolls", "bounces"]}, {"key": "playground-ball", "many": "playground balls", "name": "playground ball", "grams": 360, "width": 210, "traits": ["rolls", "bounces"]}, {"key": "table-tennis-ball", "many": "table-tennis balls", "name": "table-tennis ball", "grams": 2.7, "width": 40, "traits": ["rolls", "bounces"]}, {"key": "paper-ball", "many": "paper balls", "name": "paper ball", "grams": 25, "width": 80, "traits": ["soft", "grips"], "home-made": true}, {"key": "beanbag", "many": "beanbags", "name": "beanbag", "grams": 120, "width": 110, "traits": ["soft", "grips", "flat"]}, {"key": "scarf", "many": "juggling scarves", "name": "juggling scarf", "grams": 9, "width": 400, "traits": ["soft", "grips", "floats"]}, {"key": "skittle", "base": 70, "many": "skittles", "name": "skittle", "grams": 150, "width": 75, "centre": 95, "height": 230, "traits": ["stands"]}, {"key": "bottle-empty", "base": 65, "many": "empty half-litre bottles", "name": "empty half-litre bottle", "grams": 25, "width": 65, "centre": 100, "height": 200, "traits": ["stands"], "home-made": true}, {"key": "bottle-part-filled", "base": 65, "many": "bottles with 100 ml of sand", "name": "bottle with 100 ml of sand", "grams": 185, "width": 65, "centre": 27, "height": 200, "traits": ["stands"], "home-made": true}, {"key": "bottle-full", "base": 65, "many": "full half-litre bottles", "name": "full half-litre bottle", "grams": 525, "width": 65, "centre": 77, "height": 200, "traits": ["stands"], "home-made": true}, {"key": "cup", "base": 75, "many": "paper cups", "name": "paper cup", "grams": 6, "width": 75, "centre": 42, "height": 95, "traits": ["stands"]}, {"key": "cone", "base": 190, "many": "cones", "name": "cone", "grams": 180, "width": 200, "centre": 70, "height": 230, "traits": ["stands"]}, {"key": "spot", "many": "spot markers", "name": "spot marker", "grams": 60, "width": 230, "traits": ["flat"]}, {"key": "hoop", "many": "hoops", "name": "hoop", "grams": 180, "width": 600, "traits": ["flat", "ring"]}, {"key": "rope", "many": "skipping ropes", "name": "skipping rope", "grams": 120, "width": 2400, "traits": ["flat"]}]}, "pack.yaml": {"name": "starter", "title": "Rolling and catching", "number": 1}, "cautions.yaml": {"cautions": {"head-up": "Spread out with arms wide before moving, and look where you go.", "one-way": "Everybody rolls or throws the same way; nobody crosses the line before the stop signal, and all fetch together.", "running": "Running ends 3 m before a wall; no paper, ropes or hoops lying where children run.", "airborne": "Soft balls only, and feed to the hands, never to the face.", "loose-balls": "A ball that rolls away stays where it is until the stop signal, or is stopped by a bench.", "standing-things": "Fallen skittles are stood up by one child, kneeling beside the lane, when nobody rolls.", "wall-permission": "Ask before a wall is used; nothing that breaks or marks near it."}}, "crosswalk.yaml": {"links": [{"to": "underarm-roll/eyes-on-target", "from": "underarm-roll/look", "relation": "same"}, {"to": "underarm-roll/step", "from": "underarm-roll/other-foot", "relation": "narrower"}, {"to": "underarm-roll/hand-low", "from": "underarm-roll/down-low", "relation": "same"}, {"to": "two-hand-catch/eyes", "from": "two-hand-catch/watch-it-in", "relation": "narrower"}, {"to": "two-hand-catch/meet-it", "from": "two-hand-catch/reach", "relation": "same"}, {"to": "two-hand-catch/soften", "from": "two-hand-catch/give", "relation": "same"}]}, "activities/roll.yaml": {"activities": [{"how": "No ball. Everyone faces you and copies one slow roll, then rolls in time with the spoken calls, then with the eyes shut. Freeze at the end each time.", "key": "shadow-roll", "ages": [4, 12], "name": "Shadow Roll", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/other-foot", "underarm-roll/step"], "skill": "underarm-roll", "space": {"each": 1.6, "long": 6}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow with calls", "at full speed", "with the eyes shut"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 0, "minutes": [4, 7], "question": "Which foot is in front when you freeze?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "No ball. Partners stand face to face as a mirror; one rolls in slow motion, the other copies and says which call was missing. Change after five.", "key": "twin-shadows", "odd": "three make a mirror with two copies.", "ages": [5, 12], "name": "Twin Shadows", "rung": 1, "cycle": {"act": 8, "back": 0, "fetch": 0, "reset": 0}, "hosts": ["underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/swing-back", "underarm-roll/hand-low", "underarm-roll/down-low"], "skill": "underarm-roll", "space": {"each": 1.4, "long": 4}, "layout": "clear", "levers": [{"name": "tempo", "steps": ["slow", "at full speed"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 10, "minutes": [4, 7], "question": "What did your partner do better the second time?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "A ball each, two paces from the wall. Roll at a mark, take the return low with both hands, set the feet again. Ten, then a pace back.", "key": "wall-returns", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "ages": [4, 12], "name": "Wall Returns", "rung": 2, "cycle": {"act": 3, "back": 3, "fetch": 3, "reset": 0}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/hand-low", "underarm-roll/other-foot", "underarm-roll/down-low", "underarm-roll/step"], "skill": "underarm-roll", "space": {"each": 1.2, "long": 4}, "counts": "a roll that comes straight back to the hands", "layout": "wall", "levers": [{"name": "distance", "steps": ["2 paces", "3 paces", "4 paces", "5 paces"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["wall-permission", "one-way"], "question": "Why does a low hand keep the ball quiet?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "A gate one good stride wide between partners, three paces from each. Roll through it; the partner stops the ball and rolls it back.", "key": "big-gate", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "gate marker", "count": 2, "width": [80, 700], "traits": ["flat"]}], "odd": "in a three the ball goes round, and the one without it calls the cue.", "ages": [4, 9], "name": "Big Gate", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 4}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/eyes-on-target", "underarm-roll/finish", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 1.4, "long": 5}, "counts": "a ball through the gate without touching a marker", "layout": "pairs-gates", "levers": [{"name": "gate", "steps": ["1.2 m wide", "0.9 m wide", "0.6 m wide"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 60, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "Where were your eyes when it went through?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Partners two steps apart roll to each other''s shoes. Ten good ones, then each takes a step back. After a miss a step forward.", "key": "face-to-face-rolls", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "in a three the ball goes round.", "ages": [5, 12], "name": "Face to Face Rolls", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/step", "underarm-roll/down-low"], "skill": "underarm-roll", "space": {"each": 1.2, "long": 6}, "counts": "a roll the partner stops without moving the feet", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m", "6 m"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "What changes when you are further apart?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Three marks in each lane at three, four and five metres. Say which one you aim at, roll so that the ball passes over it, fetch and hand on.", "key": "three-marks", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 2, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "aimed-at", "what": "mark", "count": 3, "width": [150, 700], "traits": ["flat"]}], "ages": [6, 12], "name": "Three Marks", "rung": 4, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/finish", "underarm-roll/eyes-on-target", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 1.6, "long": 7.5}, "counts": "a ball that passes over the mark that was called", "layout": "lanes-marks", "levers": [{"name": "distance", "steps": ["3 m mark", "4 m mark", "5 m mark"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 60, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "How far can you be and still hit six of ten?", "formation": {"kind": "lanes", "sizes": [2, 3, 5]}}, {"how": "One rolls at a rope laid two metres long, the partner behind it sends the ball back. A hit takes you one line back, a miss one line forward.", "key": "ladder-of-lines", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "odd": "in a three two roll in turn.", "ages": [6, 12], "name": "Ladder of Lines", "rung": 4, "cycle": {"act": 4, "back": 2, "fetch": 2, "reset": 4}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/swing-back", "underarm-roll/hand-low", "underarm-roll/down-low"], "skill": "underarm-roll", "space": {"each": 1.2, "long": 7.5}, "counts": "a ball that crosses the rope between its ends", "layout": "pairs-lines", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m", "6 m"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 50, "minutes": [5, 9], "cautions": ["one-way", "loose-balls"], "question": "Which line is just hard enough for you?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "The partner walks sideways along a line as the buoy. Roll so that the ball and the buoy meet; the buoy stops it, then you change.", "key": "rolling-buoy", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "a three has two buoys, one behind the other.", "ages": [7, 12], "fast": true, "name": "Rolling Buoy", "rung": 5, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 4}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/eyes-on-target", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 2, "long": 7}, "counts": "a ball that reaches the buoy without a change of pace", "layout": "pairs-facing", "levers": [{"name": "buoy", "steps": ["walks slowly", "walks", "jogs"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["head-up", "loose-balls"], "question": "Where do you look, at the buoy or in front of it?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Six skittles as three, two, one. One roll a turn, count what falls; one child kneels beside the lane and stands them up. The lane adds up its score.", "key": "quay-skittles", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls"]}, {"per": "group", "like": "skittle", "role": "toppled", "what": "skittle", "count": 6, "width": [50, 150], "traits": ["stands"]}, {"per": "group", "like": "rope", "role": "marker", "what": "line marker", "count": 1, "width": [80, 2600], "traits": ["flat"]}], "ages": [4, 12], "name": "Quay Skittles", "rung": 2, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 6}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/hand-low", "underarm-roll/eyes-on-target", "underarm-roll/down-low", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 2, "long": 6.5}, "counts": "a skittle that lies down; two that fall together count two", "layout": "lanes-skittles", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m", "5 m"], "usual": 1}], "phases": ["play"], "set-up": 90, "minutes": [6, 10], "cautions": ["one-way", "standing-things"], "question": "How many are left if four have fallen?", "formation": {"kind": "lanes", "sizes": [3, 4, 6]}}, {"how": "The ball must come to rest in or on the dock. Fewest rolls to five dockings; partners take turns and fetch for each other.", "key": "dock-the-ball", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "dock", "count": 1, "width": [200, 2600], "traits": ["flat"]}], "odd": "a three takes turns round.", "ages": [4, 10], "name": "Dock the Ball", "rung": 2, "cycle": {"act": 4, "back": 3, "fetch": 3, "reset": 2}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/other-foot", "underarm-roll/step"], "skill": "underarm-roll", "space": {"each": 1.4, "long": 5}, "counts": "a ball that stops touching the dock", "layout": "pairs-docks", "levers": [{"name": "distance", "steps": ["2 m", "3 m", "4 m"], "usual": 0}], "phases": ["play"], "set-up": 60, "minutes": [5, 9], "cautions": ["loose-balls"], "question": "How do you make it stop just there?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "A shared game. Each clean exchange moves the tide one step out, each miss one step in. How far out is the whole class after five minutes?", "key": "tide-line", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}], "odd": "a three rolls round; once round counts as one.", "ages": [5, 12], "name": "Tide Line", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 3, "reset": 3}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/other-foot", "underarm-roll/finish", "underarm-roll/step"], "skill": "underarm-roll", "space": {"each": 1.2, "long": 7}, "counts": "there and back without a stop on the way", "layout": "pairs-facing", "levers": [{"name": "start", "steps": ["2 steps apart", "4 steps apart", "6 steps apart"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [6, 10], "cautions": ["loose-balls"], "question": "What helped the tide go out?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Five beacons in a row, a ball''s width and a half apart, counting one to five from the near end. Light them in order; one roll a turn, the lane works together.", "key": "beacon-row", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls"]}, {"per": "group", "like": "skittle", "role": "toppled", "what": "beacon", "count": 5, "width": [50, 150], "traits": ["stands"]}], "ages": [6, 12], "name": "Beacon Row", "rung": 4, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 6}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/down-low"], "skill": "underarm-roll", "space": {"each": 2, "long": 8}, "counts": "the beacon that was next, lying down; others are stood up again", "layout": "lanes-beacons", "levers": [{"name": "distance", "steps": ["3 m", "4 m", "5 m"], "usual": 1}], "phases": ["play"], "set-up": 90, "minutes": [6, 10], "cautions": ["one-way", "standing-things"], "question": "When is it worth rolling softer?", "formation": {"kind": "lanes", "sizes": [3, 4, 6]}}, {"how": "Roll through the gap, run round it and be there before your ball stops; the partner goes next. Pairs add up how often both made it.", "key": "gap-and-go", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball", "count": 1, "grams": 400, "width": [60, 260], "traits": ["rolls", "soft"]}, {"per": "group", "like": "spot", "role": "marker", "what": "gate marker", "count": 2, "width": [80, 700], "traits": ["flat"]}], "odd": "a three goes one after another.", "ages": [7, 12], "fast": true, "name": "Gap and Go", "rung": 5, "cycle": {"act": 4, "back": 3, "fetch": 4, "reset": 0}, "hosts": ["underarm-roll/eyes-on-target", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish", "underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "shows": ["underarm-roll/eyes-on-target", "underarm-roll/look"], "skill": "underarm-roll", "space": {"each": 2, "long": 8}, "counts": "through the gap and caught up with before it stops", "layout": "pairs-gates", "levers": [{"name": "gap", "steps": ["0.9 m", "0.7 m", "0.5 m"], "usual": 1}], "phases": ["play"], "set-up": 60, "minutes": [6, 10], "cautions": ["head-up", "running", "loose-balls"], "question": "How fast must it roll so that you can catch it up?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}]}, "activities/catch.yaml": {"activities": [{"how": "One thing each. Toss it to the height of the eyes and cup it with both hands in front. Ten, then a little higher, then from a walk.", "key": "drop-and-cup", "kit": [{"per": "child", "like": "foam-ball-16", "role": "sent", "what": "thing to catch", "count": 1, "grams": 260, "width": [60, 420], "traits": ["soft"]}], "ages": [4, 9], "name": "Drop and Cup", "rung": 1, "cycle": {"act": 5, "back": 0, "fetch": 2, "reset": 0}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/eyes", "two-hand-catch/reach"], "shows": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/eyes", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.8, "long": 6}, "counts": "caught with the hands alone, without the chest", "layout": "one-each", "levers": [{"name": "object", "steps": ["scarf", "beanbag", "foam ball", "small ball"], "usual": 2}, {"name": "toss", "steps": ["eye height", "above the head", "with a clap"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [4, 8], "cautions": ["airborne", "head-up"], "question": "Where do your hands wait for it?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Toss, touch a shoulder, catch. Then head, knees, both. The toss has to be as high as the task needs and no higher.", "key": "toss-and-touch", "kit": [{"per": "child", "like": "foam-ball-16", "role": "sent", "what": "thing to catch", "count": 1, "grams": 260, "width": [60, 420], "traits": ["soft"]}], "ages": [5, 12], "name": "Toss and Touch", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 2, "reset": 0}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/give"], "skill": "two-hand-catch", "space": {"each": 1.8, "long": 6, "ceiling": 3}, "counts": "touched and caught", "layout": "one-each", "levers": [{"name": "task", "steps": ["clap once", "touch the head", "touch the knees", "turn half round"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [4, 8], "cautions": ["airborne", "head-up"], "question": "How high must it go to give you time?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "The feeder drops the ball a step in front of the partner from shoulder height; it is caught on the way up. Five each, then the feeder takes a step back and lobs.", "key": "one-bounce-home", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball that bounces", "count": 1, "grams": 400, "width": [60, 260], "traits": ["bounces", "soft"]}], "odd": "a three feeds round.", "ages": [4, 12], "name": "One Bounce Home", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/eyes", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.4, "long": 4}, "counts": "one bounce, then caught with the hands", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["1 step", "2 steps", "3 steps"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["airborne"], "question": "When is the ball slowest?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "An underarm feed to the belt buckle from two steps. Five each, then a step back; then one high, one low, called before it goes.", "key": "soft-feed", "kit": [{"per": "group", "like": "foam-ball-16", "role": "sent", "what": "ball", "count": 1, "grams": 260, "width": [60, 260], "traits": ["soft"]}], "odd": "a three feeds round.", "ages": [5, 12], "name": "Soft Feed", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 2, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/reach", "two-hand-catch/give"], "skill": "two-hand-catch", "space": {"each": 1.4, "long": 4.5}, "counts": "caught with the hands alone", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["2 steps", "3 steps", "4 steps", "5 steps"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["airborne"], "question": "What do the elbows do when it lands?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Throw softly underarm at the wall from three paces and catch the return, with one bounce at first, then without.", "key": "wall-and-catch", "kit": [{"per": "group", "like": "low-tennis-ball", "role": "sent", "what": "ball that bounces", "count": 1, "grams": 300, "width": [60, 260], "traits": ["bounces", "soft"]}], "ages": [6, 12], "name": "Wall and Catch", "rung": 4, "cycle": {"act": 4, "back": 2, "fetch": 3, "reset": 0}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/soften", "two-hand-catch/meet-it", "two-hand-catch/give", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.2, "long": 4}, "counts": "a catch after at most one bounce", "layout": "wall", "levers": [{"name": "bounces", "steps": ["two bounces", "one bounce", "none"], "usual": 1}], "phases": ["practise", "teach"], "set-up": 40, "minutes": [5, 9], "cautions": ["wall-permission", "airborne"], "question": "How hard must you throw for an easy catch?", "formation": {"kind": "wall", "sizes": [1, 1, 3]}}, {"how": "The feeder lobs a step to one side, then the other; the catcher moves the feet first and catches in front of the body. Change after six.", "key": "step-to-it", "kit": [{"per": "group", "like": "foam-ball-16", "role": "sent", "what": "ball", "count": 1, "grams": 260, "width": [60, 260], "traits": ["soft"]}], "odd": "a three has one who calls the side.", "ages": [6, 12], "fast": true, "name": "Step to It", "rung": 5, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 3}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/watch-it-in", "two-hand-catch/eyes"], "skill": "two-hand-catch", "space": {"each": 1.9, "long": 5}, "counts": "caught with both feet on the floor", "layout": "pairs-facing", "levers": [{"name": "side", "steps": ["called before", "not called", "two steps away"], "usual": 0}], "phases": ["practise", "teach"], "set-up": 30, "minutes": [5, 9], "cautions": ["airborne", "head-up"], "question": "What moves first, feet or hands?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Walk the deck tossing and catching your cargo. At \"wave\" everyone tosses, claps and catches. Cargo that falls overboard is fetched after three star jumps. Longest streak wins.", "key": "hold-the-cargo", "kit": [{"per": "child", "like": "beanbag", "role": "sent", "what": "thing to catch", "count": 1, "grams": 260, "width": [60, 420], "traits": ["soft"]}], "ages": [4, 9], "name": "Hold the Cargo", "rung": 1, "cycle": {"act": 6, "back": 0, "fetch": 2, "reset": 0}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/watch-it-in", "two-hand-catch/eyes"], "skill": "two-hand-catch", "space": {"each": 1.9, "long": 6}, "counts": "catches in a row without a drop", "layout": "one-each", "levers": [{"name": "deck", "steps": ["standing", "walking", "along the lines"], "usual": 1}], "phases": ["play"], "set-up": 30, "minutes": [5, 9], "cautions": ["airborne", "head-up"], "question": "What was your longest streak?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "The ball must bounce in the bay between you and be caught. Pairs count together against their own best in one minute.", "key": "bounce-bay", "kit": [{"per": "group", "like": "foam-ball-20", "role": "sent", "what": "ball that bounces", "count": 1, "grams": 400, "width": [60, 260], "traits": ["bounces", "soft"]}, {"per": "group", "like": "hoop", "role": "aimed-at", "what": "bay", "count": 1, "width": [200, 700], "traits": ["flat"]}], "odd": "a three goes round.", "ages": [5, 12], "name": "Bounce Bay", "rung": 2, "cycle": {"act": 4, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/meet-it", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.4, "long": 5}, "counts": "a bounce in the bay and a catch", "layout": "pairs-docks", "levers": [{"name": "distance", "steps": ["1 step", "2 steps", "3 steps"], "usual": 1}], "phases": ["play"], "set-up": 60, "minutes": [6, 10], "cautions": ["airborne"], "question": "How did you beat your own best?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "Every partner catch lights a lantern. How long does the class need for a hundred? Then a step back and try to beat the time.", "key": "hundred-lanterns", "kit": [{"per": "group", "like": "foam-ball-16", "role": "sent", "what": "ball", "count": 1, "grams": 260, "width": [60, 260], "traits": ["soft"]}], "odd": "a three passes round.", "ages": [5, 12], "name": "Hundred Lanterns", "rung": 3, "cycle": {"act": 4, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/soften", "two-hand-catch/fingers", "two-hand-catch/give"], "skill": "two-hand-catch", "space": {"each": 1.4, "long": 5}, "counts": "a catch by the partner; a drop puts out none", "layout": "pairs-facing", "levers": [{"name": "distance", "steps": ["2 steps", "3 steps", "4 steps"], "usual": 0}], "phases": ["play"], "set-up": 30, "minutes": [6, 10], "cautions": ["airborne"], "question": "How many catches is that for each pair?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}, {"how": "One is the light and shows a hand high, low, left or right; the feed goes there and is caught. Three lights caught and you change; pairs count lights.", "key": "harbour-lights", "kit": [{"per": "group", "like": "foam-ball-16", "role": "sent", "what": "ball", "count": 1, "grams": 260, "width": [60, 260], "traits": ["soft"]}], "odd": "in a three one shows, one feeds, one catches.", "ages": [6, 12], "name": "Harbour Lights", "rung": 4, "cycle": {"act": 5, "back": 0, "fetch": 3, "reset": 2}, "hosts": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften", "two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "shows": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in", "two-hand-catch/reach"], "skill": "two-hand-catch", "space": {"each": 1.5, "long": 5}, "counts": "caught where the light was shown", "layout": "pairs-facing", "levers": [{"name": "lights", "steps": ["two places", "four places", "shown late"], "usual": 1}], "phases": ["play"], "set-up": 40, "minutes": [6, 10], "cautions": ["airborne"], "question": "What told you early where it would come?", "formation": {"kind": "pairs", "sizes": [2, 2, 3]}}]}, "activities/around.yaml": {"activities": [{"how": "Sit in a half-moon with the wall behind you. Say what today is for, show the whole movement once at full speed, then once slowly.", "key": "harbour-talk", "ages": [4, 12], "name": "Harbour Talk", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What did you see the arm do first?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Two hands up for something they know about today''s skill, one hand for something they want to find out. Keep one of each for the end.", "key": "know-and-wonder", "ages": [6, 12], "name": "Know and Wonder", "space": {"each": 0.6, "long": 3}, "layout": "clear", "phases": ["gather"], "set-up": 0, "minutes": [2, 4], "question": "What would you like to be able to do by the end?", "formation": {"kind": "gathered", "sizes": [1, 1, 60]}}, {"how": "Glide about the floor as gulls. At \"wave\" everyone sinks low and rises with a big underarm swing, saying last lesson''s calls aloud. Slow, then quicker.", "key": "gull-waves", "ages": [4, 12], "name": "Gull Waves", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which call did we say first?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Climb an imaginary rope ladder on the spot, walk the deck, jog the quay. At each stop a partner nearby says one call from last time and both show it.", "key": "rope-ladder", "ages": [5, 12], "name": "Rope Ladder", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Tell the one beside you the call you find hardest.", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Hold up one, two or three fingers; the children skip, side-step or walk backwards and answer with the call that has that number. Change quickly.", "key": "flags-up", "ages": [4, 10], "name": "Flags Up", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "Which call has number two?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Jog between friends. \"Mast\" is tall on the toes with the arms up, \"anchor\" is low with bent knees and a hand near the floor. Hold each for three slow counts.", "key": "mast-and-anchor", "ages": [4, 12], "name": "Mast and Anchor", "space": {"each": 1.8, "long": 6}, "layout": "clear", "phases": ["warm", "recap"], "set-up": 0, "minutes": [2, 6], "cautions": ["head-up", "running"], "question": "What bends when you are the anchor?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Named helpers bring the kit in while the others walk slower and slower round the edge until they sit. Hold one stretch a side for eight counts without bouncing. Close with one thing learnt.", "key": "slow-tide", "ages": [4, 12], "name": "Slow Tide", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What will you try again at home?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Each group carries its own kit to its mooring, then sits in a line and breathes out slowly three times. Close by saying the calls back together.", "key": "moor-the-boats", "ages": [4, 12], "name": "Moor the Boats", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "Which call helped you most today?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}, {"how": "Walk the kit back without a sound. Lie or sit, tense and let go of hands, arms and legs in turn. Close with thumbs for hardest and most fun.", "key": "quiet-sands", "ages": [4, 12], "name": "Quiet Sands", "space": {"each": 1.5, "long": 6}, "layout": "closing", "phases": ["tidy", "cool", "close"], "set-up": 0, "minutes": [3, 5], "question": "What was hardest, and what made it easier?", "formation": {"kind": "scatter", "sizes": [1, 1, 1]}}]}, "skills/underarm-roll.yaml": {"key": "underarm-roll", "cues": [{"key": "underarm-roll/eyes-on-target", "body": "eyes", "call": "Eyes on it", "view": "from the front, beside the target", "phase": "ready", "faults": [{"fix": "Name a colour on the target before each roll", "seen": "Looks at the hand or the ball"}, {"fix": "Count two with the eyes on the target before the swing", "seen": "Looks up only after letting go"}], "tell-me": "Where do your eyes rest while the arm swings?", "from-age": 4, "question": "Do the eyes stay on the target until the ball is on its way?", "condition": "target"}, {"key": "underarm-roll/swing-back", "body": "arm", "call": "Back past the hip", "view": "from the {throwing side}, level with the line", "phase": "wind-up", "faults": [{"fix": "Brush the trousers with the {throwing hand} on the way back", "seen": "The ball is pushed from the front of the body"}, {"fix": "Roll beside a wall or a rope that the arm must not touch", "seen": "The arm goes out to the side"}], "tell-me": "Show with one finger how far back the hand travels.", "from-age": 5, "question": "Does the {throwing hand} swing back past the hip?"}, {"key": "underarm-roll/other-foot", "body": "feet", "call": "Other foot steps", "view": "from the side, where both feet show", "phase": "action", "faults": [{"fix": "Put a spot marker in front of the {opposite foot} to step on", "seen": "The {same-side foot} steps"}, {"fix": "Start with feet together and step over a rope", "seen": "Both feet stay side by side"}], "tell-me": "Touch the foot that will step before you roll.", "from-age": 5, "question": "Does the {opposite foot} step forward as the arm comes through?"}, {"key": "underarm-roll/hand-low", "body": "hand and knees", "call": "Low like a crab", "view": "from the side, crouching", "phase": "release", "faults": [{"fix": "Sweep the knuckles along the floor before letting go", "seen": "The ball drops and hops"}, {"fix": "Roll under a rope held at knee height", "seen": "The back bends and the knees stay straight"}], "tell-me": "Why does a ball that is let go high hop along?", "from-age": 5, "question": "Do the knees bend so that the ball leaves close to the floor, without a hop?", "prerequisites": ["underarm-roll/other-foot"]}, {"key": "underarm-roll/finish", "body": "arm", "call": "Point where it goes", "view": "from behind, in line with the target", "phase": "follow-through", "faults": [{"fix": "Freeze at the end and look along the arm", "seen": "The arm crosses the body and the ball drifts"}, {"fix": "Let the hand shake hands with the target", "seen": "The arm stops at the release"}], "tell-me": "The ball went off to one side. Where did the hand finish?", "from-age": 6, "question": "Does the {throwing hand} finish pointing where the ball should go?", "condition": "target", "prerequisites": ["underarm-roll/swing-back"]}, {"key": "underarm-roll/look", "body": "eyes", "call": "Look", "view": "from the front, beside the target", "phase": "ready", "faults": [{"fix": "Say what you see on the target", "seen": "Looks around or at the ball"}, {"fix": "Keep looking until the ball stops", "seen": "Turns away while letting go"}], "tell-me": "What are you going to look at?", "from-age": 4, "question": "Is the child looking at the target when the ball goes?", "condition": "target"}, {"key": "underarm-roll/step", "body": "feet", "call": "Step", "view": "from the side", "phase": "action", "faults": [{"fix": "Step over a rope with each roll", "seen": "Stands still"}, {"fix": "Step and freeze like a statue", "seen": "Runs through the line"}], "tell-me": "Which part of you moves forward with the arm?", "from-age": 4, "question": "Does a foot step forward with the roll?"}, {"key": "underarm-roll/down-low", "body": "hand and knees", "call": "Down low", "view": "from the side, crouching", "phase": "release", "faults": [{"fix": "Let the hand tickle the floor", "seen": "The ball is dropped from waist height"}, {"fix": "One knee dips like a bow", "seen": "Sits down on the heels"}], "tell-me": "Where is your hand when the ball goes?", "from-age": 4, "question": "Does the ball leave the hand near the floor?", "prerequisites": ["underarm-roll/step"]}], "name": "Underarm roll", "sets": [{"key": "underarm-roll/components", "cues": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back", "underarm-roll/other-foot", "underarm-roll/hand-low", "underarm-roll/finish"], "kind": "components", "name": "Five components"}, {"key": "underarm-roll/short", "cues": ["underarm-roll/look", "underarm-roll/step", "underarm-roll/down-low"], "kind": "short", "name": "Three calls"}], "action": "throw", "ladder": "sending"}, "skills/two-hand-catch.yaml": {"key": "two-hand-catch", "cues": [{"key": "two-hand-catch/watch-it-in", "body": "eyes", "call": "Watch it in", "view": "from the front, behind the one who feeds", "phase": "ready", "faults": [{"fix": "Use a scarf or a softer ball and say its colour as it lands", "seen": "Turns the head away"}, {"fix": "Wait for the feeder to show the ball before each feed", "seen": "Looks at the feeder"}], "tell-me": "Until when do you look at the ball?", "from-age": 4, "question": "Do the eyes follow the ball all the way into the hands?", "condition": "object"}, {"key": "two-hand-catch/meet-it", "body": "arms", "call": "Reach to meet it", "view": "from the side", "phase": "action", "faults": [{"fix": "Start with the hands on an imaginary table in front", "seen": "Waits with the arms against the chest"}, {"fix": "Shake the elbows loose before each feed", "seen": "The arms are stiff and straight"}], "tell-me": "Where do your hands wait?", "from-age": 5, "question": "Do the hands reach out in front to meet the ball?", "condition": "object"}, {"key": "two-hand-catch/fingers", "body": "hands", "call": "Spread the fingers", "view": "from the front", "phase": "release", "faults": [{"fix": "Thumbs together for high and little fingers together for low", "seen": "Fingers point at the ball"}, {"fix": "Catch a smaller, softer ball further out", "seen": "The ball is trapped against the chest"}], "tell-me": "The ball comes at your knees. Show me your fingers.", "from-age": 6, "question": "Are the fingers spread, pointing up for a high ball and down for a low one?", "condition": "object", "prerequisites": ["two-hand-catch/meet-it"]}, {"key": "two-hand-catch/soften", "body": "elbows", "call": "Soft landing", "view": "from the side", "phase": "follow-through", "faults": [{"fix": "Catch it as if it were an egg", "seen": "The ball bounces out of the hands"}, {"fix": "Let the hands travel back with the ball", "seen": "Claps the hands at it"}], "tell-me": "Why do the elbows give?", "from-age": 6, "question": "Do the elbows bend and bring the ball in softly?", "condition": "object", "prerequisites": ["two-hand-catch/meet-it"]}, {"key": "two-hand-catch/eyes", "body": "eyes", "call": "Eyes", "view": "from the front", "phase": "ready", "faults": [{"fix": "Go back to a floating scarf", "seen": "Closes the eyes"}, {"fix": "Call the name before the feed", "seen": "Looks elsewhere"}], "tell-me": "What do you look at?", "from-age": 4, "question": "Is the child looking at the ball as it comes?", "condition": "object"}, {"key": "two-hand-catch/reach", "body": "arms", "call": "Reach", "view": "from the side", "phase": "action", "faults": [{"fix": "Make a nest with the hands before the feed", "seen": "Arms stay at the sides"}, {"fix": "Feed from nearer and softer", "seen": "Steps back from the ball"}], "tell-me": "Show me hands that are ready.", "from-age": 4, "question": "Do the hands go out towards the ball?", "condition": "object"}, {"key": "two-hand-catch/give", "body": "elbows", "call": "Give", "view": "from the side", "phase": "follow-through", "faults": [{"fix": "Pull it in like a cushion", "seen": "The ball jumps out"}, {"fix": "Use a smaller ball that hands alone can hold", "seen": "Hugs the ball to the chest"}], "tell-me": "What do your elbows do when it lands?", "from-age": 4, "question": "Do the arms bend to bring the ball in?", "condition": "object", "prerequisites": ["two-hand-catch/reach"]}], "name": "Two-hand catch", "sets": [{"key": "two-hand-catch/components", "cues": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it", "two-hand-catch/fingers", "two-hand-catch/soften"], "kind": "components", "name": "Four components"}, {"key": "two-hand-catch/short", "cues": ["two-hand-catch/eyes", "two-hand-catch/reach", "two-hand-catch/give"], "kind": "short", "name": "Three calls"}], "action": "throw", "ladder": "receiving"}}', '2026-11-25 17:31:21.911399+00');


--
-- Data for Name: person; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.person VALUES
	('01a213c3-1648-7cd1-983d-3d08b4eb0f21', 'demo', 'Robin Sedge', '{bcrypt}$2a$10$GGN0ekcJpvsQGx0CgagyfOpJX6UlttqchnYbO7kYfr6xesNXNgEha', 0);


--
-- Data for Name: register_event; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: school; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.school VALUES
	('01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Saltfern Primary', 'YEARS', 'Europe/London', 0);


--
-- Data for Name: school_class; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.school_class VALUES
	('01a213c3-174b-77ed-8bdc-b998b7e7dce8', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Dunlins', 5, 0),
	('01a213c3-17da-74ab-bebd-07c1dd195180', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Sanderlings', 7, 0),
	('01a213c3-181b-7d70-a86a-24933919326c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Turnstones', 9, 0);


--
-- Data for Name: sign_in_failure; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: space; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.space VALUES
	('01a213c3-16a7-7264-b7d9-893911e645f0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Hall', 1700, 950, 480, 'WOOD', 14, 0),
	('01a213c3-16a7-7169-b1aa-e2223cef4eb6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Tarmac yard', 2800, 1800, NULL, 'TARMAC', 20, 0),
	('01a213c3-16cb-7d79-bd27-63b89806d8a3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', 'Sloping field', 5000, 3000, NULL, 'GRASS', 0, 0);


--
-- Data for Name: trial; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.trial VALUES
	('01a213c3-1d30-7332-a03d-bb43575ffcdd', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7271-a980-c41c972a9b0c', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 0, '2026-11-10 10:12:30+00', '2026-11-10 10:12:30+00', '2026-11-25 17:31:23.826018+00', 'da22173a1a52894ada8156960a852d7345bd5a810b653bbeaea84435560f14d6'),
	('01a213c3-1d31-7fd6-bc56-cf60ffb1b191', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 1, '2026-11-10 10:12:40+00', '2026-11-10 10:12:40+00', '2026-11-25 17:31:23.826018+00', '7affb8e1bd8828ca803a1a9acc3734b6607d3e3481840d283446dcde4a273815'),
	('01a213c3-1d31-7031-a1b0-ee228468e2b3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-712e-acf4-4744e2918d13', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 2, '2026-11-10 10:12:50+00', '2026-11-10 10:12:50+00', '2026-11-25 17:31:23.826018+00', '7c6d7bf61a3c47aa6076574a29e400e7292161e0ef6872f909980d531041cc57'),
	('01a213c3-1d31-73ec-ac58-8316ff93e9e0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-72e2-a71b-78b6f67c8609', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 3, '2026-11-10 10:13:00+00', '2026-11-10 10:13:00+00', '2026-11-25 17:31:23.826018+00', '7f92f7635ab24c8efc1433a64b2cb98c48677264d3be0b81f7424586eea6f3e1'),
	('01a213c3-1d31-7f31-a3e5-dfd54689e53e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-743f-92f1-bc181318c4eb', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 4, '2026-11-10 10:13:10+00', '2026-11-10 10:13:10+00', '2026-11-25 17:31:23.826018+00', '56ca95b37492185df27ff3f9dc8b3e2697b5a93021c8382b39d3bdfe93f004d6'),
	('01a213c3-1d31-7540-bf5c-2c410e72a988', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7ef8-b15c-f1126aa0b2de', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 5, '2026-11-10 10:13:20+00', '2026-11-10 10:13:20+00', '2026-11-25 17:31:23.826018+00', '4604ebc3bfb77bf095a781978dcc32c8f3b8b6cf86ba28cbc9e11ba5d23653a9'),
	('01a213c3-1d31-72f6-97c1-9e7035bb798c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 6, '2026-11-10 10:13:30+00', '2026-11-10 10:13:30+00', '2026-11-25 17:31:23.826018+00', 'f4a474ebcc6f28365c50a795aa6f7ad1e809cdf508c7e298f383956d5697bfcb'),
	('01a213c3-1d31-7c32-904d-a78aa6fcbb02', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-70ca-952b-18c13b36dc9b', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 7, '2026-11-10 10:13:40+00', '2026-11-10 10:13:40+00', '2026-11-25 17:31:23.826018+00', '85efca6a592a48390ed95ff93c104513210e92d50521ade40b01b15cbf7640ce'),
	('01a213c3-1d31-715a-8a47-02b6bd813f31', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7950-9002-2b89102a96e8', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 8, '2026-11-10 10:13:50+00', '2026-11-10 10:13:50+00', '2026-11-25 17:31:23.826018+00', '909e9e4d5db9b1b6bfe8eccd008a2b5eff3b8a1caa6edd7c37d87c6e06860d99'),
	('01a213c3-1d31-7efd-94ff-f2348ff876e5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-79f4-bb3a-9522344f249a', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 9, '2026-11-10 10:14:00+00', '2026-11-10 10:14:00+00', '2026-11-25 17:31:23.826018+00', '4bc2401bbab6d001ca9a33660de3667487098b4d2cf37acb7afce5a6d1640de3'),
	('01a213c3-1d31-7967-9942-14a3dbb79cf0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c9a-9cae-4599690560ae', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 10, '2026-11-10 10:14:10+00', '2026-11-10 10:14:10+00', '2026-11-25 17:31:23.826018+00', 'e5c3bc5776b0f035f86764ae941a6b29bc0e9ad131b018377ba53a0ec6016a53'),
	('01a213c3-1d31-7452-a9ca-0bc8a2e5a46b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fc-71c4-bae0-d261631a5724', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 11, '2026-11-10 10:14:20+00', '2026-11-10 10:14:20+00', '2026-11-25 17:31:23.826018+00', '437c7b202974900de9fb4ddc5c268188f0ba9b50b72150352cb930b2497ad76e'),
	('01a213c3-1d31-78a3-8ef9-960e8134dff2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7f40-a9d9-f2fbb35a7cec', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 12, '2026-11-10 10:14:30+00', '2026-11-10 10:14:30+00', '2026-11-25 17:31:23.826018+00', '73607fa77ddbcf3efa45025879f5353805be939961c329b9adb309dba3e7e20c'),
	('01a213c3-1d31-7410-b63e-7fb50f1871a7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-732f-82f2-ec2f7f802a64', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 13, '2026-11-10 10:14:40+00', '2026-11-10 10:14:40+00', '2026-11-25 17:31:23.826018+00', 'e0d6e4e1985f93b6de1e5f866d95a5e42b89ca7d29965fc38ceb06e69e7ee7f2'),
	('01a213c3-1d31-7a0e-9538-85a37eebff2c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7d4e-bb41-4a8a3b624902', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 14, '2026-11-10 10:14:50+00', '2026-11-10 10:14:50+00', '2026-11-25 17:31:23.826018+00', '6a256498222bf1a90735997763ef881959c235af97f0d3fe80e18a88f0de4a0f'),
	('01a213c3-1d31-7a80-8173-ba87ea0575dd', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7218-b728-ba9eda61a9e0', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7850-88ef-5acadd09fffc', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 15, '2026-11-10 10:15:00+00', '2026-11-10 10:15:00+00', '2026-11-25 17:31:23.826018+00', '2b274f03137a42e069d3bfe7838c5117a6ce122f92ec59e921cefaa141c04c1c'),
	('01a213c3-1d31-70f2-9ac9-cbf975eae443', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7a31-8e35-cfacea630c37', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 16, '2026-11-10 10:19:30+00', '2026-11-10 10:19:30+00', '2026-11-25 17:31:23.826018+00', 'c4ba72336bdfd802264047540f9e7159ce751a91d77bab0ca2c7bff8fef383ad'),
	('01a213c3-1d31-7874-ae5a-a1b989ec25fb', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7d50-801e-12f33751c652', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 17, '2026-11-10 10:19:40+00', '2026-11-10 10:19:40+00', '2026-11-25 17:31:23.826018+00', '1b0492325707789457984d95c897fd70d822d66951c8214fd653d921476856b4'),
	('01a213c3-1d31-700b-9393-be644578e1aa', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79be-aaab-488fb99ad5dd', 'underarm-roll/swing-back', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 18, '2026-11-10 10:19:50+00', '2026-11-10 10:19:50+00', '2026-11-25 17:31:23.826018+00', 'f65dbd5d935aefd5efc09b518e40fb120b16ccae73486f6c86bc880ba5c10831'),
	('01a213c3-1d31-7b80-a76d-251c707b3703', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7a5f-8eae-953fc25abf6d', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 19, '2026-11-10 10:20:00+00', '2026-11-10 10:20:00+00', '2026-11-25 17:31:23.826018+00', '4e197ef83c69c9fdc83f50819ec4b7b8287bfd5f9f3adb4fabdb0f511d084a03'),
	('01a213c3-1d31-7277-ab11-f35e4db8cf16', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 20, '2026-11-10 10:20:10+00', '2026-11-10 10:20:10+00', '2026-11-25 17:31:23.826018+00', '10a54edeb2f46f41d2368ca0be4fe51b9ec367525616edcf9ee4ac8a3f445b57'),
	('01a213c3-1d31-70e8-bd61-53ee185e3fb4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fb-7129-b73f-d7300abad4a1', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 21, '2026-11-10 10:20:20+00', '2026-11-10 10:20:20+00', '2026-11-25 17:31:23.826018+00', 'db6a39f5832504e000cff1b476e55ddd86e4139f0bbed1da8977e4d8a3661c86'),
	('01a213c3-1d31-741d-a363-796fe447f9a6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7271-a980-c41c972a9b0c', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 22, '2026-11-10 10:20:30+00', '2026-11-10 10:20:30+00', '2026-11-25 17:31:23.826018+00', '6a8bfd810731ce169460dfcf02e44edb83534d6ac4c23191b9b445156b6850f8'),
	('01a213c3-1d31-7628-b13c-f5ca3809ef61', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 23, '2026-11-10 10:20:40+00', '2026-11-10 10:20:40+00', '2026-11-25 17:31:23.826018+00', 'a56d8f5c626c7a84e679c76a27f421dc66710938802f73d6269fe3f66acdba07'),
	('01a213c3-1d31-7ba4-abb6-dfb2f17658ad', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-712e-acf4-4744e2918d13', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 24, '2026-11-10 10:20:50+00', '2026-11-10 10:20:50+00', '2026-11-25 17:31:23.826018+00', 'b7a0a22cc2fb1bd80b4abe77280be5018c98a54ed81603d6b9b4a7c01d40cd01'),
	('01a213c3-1d31-7551-877e-ba39339057ad', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-72e2-a71b-78b6f67c8609', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 25, '2026-11-10 10:21:00+00', '2026-11-10 10:21:00+00', '2026-11-25 17:31:23.826018+00', '844600a4dbbbe835003689fb1358bb6ae28a3f54914767148d7f29a8f4369146'),
	('01a213c3-1d31-79d5-a5fe-a34cbdae2fd1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-743f-92f1-bc181318c4eb', 'underarm-roll/swing-back', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 26, '2026-11-10 10:21:10+00', '2026-11-10 10:21:10+00', '2026-11-25 17:31:23.826018+00', '49ba1be2e275fd4b06d68f43f99841272fc578adbbd88964e9a0a11b159c70fb'),
	('01a213c3-1d31-7373-aea9-b1f447d136e8', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7ef8-b15c-f1126aa0b2de', 'underarm-roll/swing-back', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 27, '2026-11-10 10:21:20+00', '2026-11-10 10:21:20+00', '2026-11-25 17:31:23.826018+00', 'b915bfc08b3118bb2e06588363a3b67ac7b3e71ab8be12f8b73050eb6d955aae'),
	('01a213c3-1d31-75a4-bd63-1ea24f99329b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', 'underarm-roll/swing-back', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1903-7384-9759-25f777aabf62', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 28, '2026-11-10 10:21:30+00', '2026-11-10 10:21:30+00', '2026-11-25 17:31:23.826018+00', 'a6a635a723a071890715d1e00b65152a24bb45e82d8dd19884307d368988db36'),
	('01a213c3-1d31-7cb9-bce8-73020b9ff6d9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7218-b728-ba9eda61a9e0', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 29, '2026-11-10 10:25:30+00', '2026-11-10 10:25:30+00', '2026-11-25 17:31:23.826018+00', '7ea6ce080aa6ff335b541163fe27fa665f2d416e0549c4cfc9b667a3d080ad13'),
	('01a213c3-1d31-7368-af9d-bedec02e97b7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79d1-ba7f-f7faa36f8024', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 30, '2026-11-10 10:25:40+00', '2026-11-10 10:25:40+00', '2026-11-25 17:31:23.826018+00', '29963af688a0974c08749c75f3e6c7b2763e46739b16d574107b347f41817683'),
	('01a213c3-1d31-7e42-bad8-a8e132c6671a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7456-86c5-d1e9a30e944c', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 31, '2026-11-10 10:25:50+00', '2026-11-10 10:25:50+00', '2026-11-25 17:31:23.826018+00', '7f47dd1eda454ba5d313fdebfb736b329461f05bf6a906f849df5d7b368f5b53'),
	('01a213c3-1d31-754a-a1bb-3e83e98884c9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-779d-a985-b675cc65973c', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 32, '2026-11-10 10:26:00+00', '2026-11-10 10:26:00+00', '2026-11-25 17:31:23.826018+00', '61964e463c9ec2e586188b6f8a3519fe151f47a7d2cb01be81ac0cd821258ea3'),
	('01a213c3-1d31-7af1-ac02-b2d999f3cd5f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7255-b657-3ad1d68b86d6', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 33, '2026-11-10 10:26:10+00', '2026-11-10 10:26:10+00', '2026-11-25 17:31:23.826018+00', '004c52843865b791a2acc703624f7e0f60b04d4ef0dccf89386c63a4f6d8186e'),
	('01a213c3-1d31-7794-a472-05dd1eb093be', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7aad-bf9b-228166a6e793', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 34, '2026-11-10 10:26:20+00', '2026-11-10 10:26:20+00', '2026-11-25 17:31:23.826018+00', '8093cab8fb4f598e43119713523b6a7d08a54444ab0d4902f4044baa3336c947'),
	('01a213c3-1d31-7286-a511-92d7cccfb8a7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7a31-8e35-cfacea630c37', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 35, '2026-11-10 10:26:30+00', '2026-11-10 10:26:30+00', '2026-11-25 17:31:23.826018+00', '81bc72b812bef82fa8cf0a822b883eb3e2790e498686c1f45dcb10f1ebd920c4'),
	('01a213c3-1d31-772c-879e-734251149f71', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7d50-801e-12f33751c652', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 36, '2026-11-10 10:26:40+00', '2026-11-10 10:26:40+00', '2026-11-25 17:31:23.826018+00', 'd900a6e9b8a219932b0f8ea09d2abac3826a1b71fa172686d0bac42aac6b12ee'),
	('01a213c3-1d31-7ab6-918d-92177ba7dade', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79be-aaab-488fb99ad5dd', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 37, '2026-11-10 10:26:50+00', '2026-11-10 10:26:50+00', '2026-11-25 17:31:23.826018+00', '059196d0f5717bb6ff8365cbe852b4c848f8803911fc0709ca71f06998c779c8'),
	('01a213c3-1d31-7a80-9dec-f5f013764009', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7a5f-8eae-953fc25abf6d', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 38, '2026-11-10 10:27:00+00', '2026-11-10 10:27:00+00', '2026-11-25 17:31:23.826018+00', '340791f35ed64f7b067dbf3b8e4d14bf37293fd9f4e600cb1913746beaeb1104'),
	('01a213c3-1d31-7d8f-b1fa-728e978afc46', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 39, '2026-11-10 10:27:10+00', '2026-11-10 10:27:10+00', '2026-11-25 17:31:23.826018+00', '4cc978fb566102141a7655748353f37d3a040f11074c647c2006984f1a8cb84a'),
	('01a213c3-1d31-7755-b20a-5edf54c6d160', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fb-7129-b73f-d7300abad4a1', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 40, '2026-11-10 10:27:20+00', '2026-11-10 10:27:20+00', '2026-11-25 17:31:23.826018+00', '2dc5a97a2c331c3a6bd2cb36066407632128af800162d2a72d5b3985591cdee2'),
	('01a213c3-1d31-7b71-a84a-350a245ae94b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7271-a980-c41c972a9b0c', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 41, '2026-11-10 10:27:30+00', '2026-11-10 10:27:30+00', '2026-11-25 17:31:23.826018+00', 'f78616e9c1e592aecb4b1f9fc8457aee8636e5785f31e36ccd5ddaee2a049952'),
	('01a213c3-1d31-7ce9-a4cb-5a4e44ba0727', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 42, '2026-11-10 10:27:40+00', '2026-11-10 10:27:40+00', '2026-11-25 17:31:23.826018+00', 'c1370305d827f522c25d98fba138fa096e8ba5c64492c93ec46a07d35dac36d0'),
	('01a213c3-1d31-74a8-8df7-3c4ca23574ba', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-712e-acf4-4744e2918d13', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 43, '2026-11-10 10:27:50+00', '2026-11-10 10:27:50+00', '2026-11-25 17:31:23.826018+00', 'ef61d4ad5450ee701dfa0ce46a5f1bfb88f13d695eabb4cd89b38a1fcad7ce9e'),
	('01a213c3-1d31-7b1f-9b7e-79b5bacbf15d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-72e2-a71b-78b6f67c8609', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 44, '2026-11-10 10:28:00+00', '2026-11-10 10:28:00+00', '2026-11-25 17:31:23.826018+00', 'a0644d06fb5527e81ccd836e262f92cbb13c4e9647d271ea005a8523d0a90ed7'),
	('01a213c3-1d31-74ca-830d-547e59719e45', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-743f-92f1-bc181318c4eb', 'two-hand-catch/watch-it-in', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 45, '2026-11-10 10:28:10+00', '2026-11-10 10:28:10+00', '2026-11-25 17:31:23.826018+00', 'bb0de185d2fb7f0c3dd1b5a67ad47327400ecddcbd358197f166d90831a0b68d'),
	('01a213c3-1d31-7329-8cad-509cd5607c5d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7ef8-b15c-f1126aa0b2de', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 46, '2026-11-10 10:28:20+00', '2026-11-10 10:28:20+00', '2026-11-25 17:31:23.826018+00', '1a3e816e6a658493c86b9e322ffb3322055eac5c8a3f5a6ede9271689f6bf8fe'),
	('01a213c3-1d31-798d-93cc-f73d16711d80', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', 'two-hand-catch/watch-it-in', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1886-7cc0-91c8-1bc1b04d10cc', '01a213c3-1904-716d-b71b-3348ec5e847b', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1d30-7702-9df6-c5959b0e8c78', 47, '2026-11-10 10:28:30+00', '2026-11-10 10:28:30+00', '2026-11-25 17:31:23.826018+00', '8485f5e54fb0993ec56b396f57b15ad7f504af74bd7783206c9f45bc477e8e8d'),
	('01a213c3-1e30-75c0-9895-b1e4ee132242', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', 'two-hand-catch/meet-it', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 0, '2026-11-13 10:10:30+00', '2026-11-13 10:10:30+00', '2026-11-25 17:31:24.085304+00', '241c045fca896770a316cf5c8096cc7140c8dbcd33c1b15a30e7d28bb21c0ac8'),
	('01a213c3-1e30-790f-9cb1-bd93b39d0972', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fb-7129-b73f-d7300abad4a1', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 1, '2026-11-13 10:10:40+00', '2026-11-13 10:10:40+00', '2026-11-25 17:31:24.085304+00', '3c2ec8de471c03986efcad26ef34eb833e0e163a0180dba6c218d5b6dddd8f6a'),
	('01a213c3-1e30-75ed-9a17-5936ed6c5b4e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7271-a980-c41c972a9b0c', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 2, '2026-11-13 10:10:50+00', '2026-11-13 10:10:50+00', '2026-11-25 17:31:24.085304+00', 'bca7c775294a6b8ee74b9376f53038211145fa88db563d788b924b2523d9774e'),
	('01a213c3-1e30-7792-894d-17be6917cd12', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 3, '2026-11-13 10:11:00+00', '2026-11-13 10:11:00+00', '2026-11-25 17:31:24.085304+00', '4904125d1b8b969fd1b74e089de776b789d0bec4ae17dacb532bdc193411ece4'),
	('01a213c3-1e30-7f45-a7fc-34c24815d24f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-712e-acf4-4744e2918d13', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 4, '2026-11-13 10:11:10+00', '2026-11-13 10:11:10+00', '2026-11-25 17:31:24.085304+00', 'd0b9662f4cf5c97efb2d75c7c23d07e6f2bdfde4aeef170c4cf5609c0d70466e'),
	('01a213c3-1e30-75f3-bf3a-29999380268f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-72e2-a71b-78b6f67c8609', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 5, '2026-11-13 10:11:20+00', '2026-11-13 10:11:20+00', '2026-11-25 17:31:24.085304+00', 'fb018fc14f7ff851b0078c2b3741192629145dfc5460e71946a18acbb3a93d7f'),
	('01a213c3-1e30-70ee-aa73-e03af09460c9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-743f-92f1-bc181318c4eb', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 6, '2026-11-13 10:11:30+00', '2026-11-13 10:11:30+00', '2026-11-25 17:31:24.085304+00', 'b2d014e782a8f7cb861d90c0cb9c9ce66d691ec0790c31c0c1f7b346814925b8'),
	('01a213c3-1e30-743f-972a-2e656e254071', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7ef8-b15c-f1126aa0b2de', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 7, '2026-11-13 10:11:40+00', '2026-11-13 10:11:40+00', '2026-11-25 17:31:24.085304+00', '3993f2999de672ae4414d0be84b4e4d6945e7c58fa789c0031bc4da7feb63ca4'),
	('01a213c3-1e30-73c9-930c-837229dd0d28', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 8, '2026-11-13 10:11:50+00', '2026-11-13 10:11:50+00', '2026-11-25 17:31:24.085304+00', '2365d5905a3967be9cb40b9e4df5204961127ad547f15169331f77f6fe28af00'),
	('01a213c3-1e30-7947-94bb-d4d9cf3633f5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-70ca-952b-18c13b36dc9b', 'two-hand-catch/meet-it', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 9, '2026-11-13 10:12:00+00', '2026-11-13 10:12:00+00', '2026-11-25 17:31:24.085304+00', 'e7b57f07cb4f17d4be017a897e94b0663a4c3277c3186a6537babe10eec5af18'),
	('01a213c3-1e30-7571-b746-8e8e736711bc', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7950-9002-2b89102a96e8', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 10, '2026-11-13 10:12:10+00', '2026-11-13 10:12:10+00', '2026-11-25 17:31:24.085304+00', '5aae85d88035b6b29ea7fa893252beef9bf11a181c0c1c595f179c810f6e86f2'),
	('01a213c3-1e30-761d-b349-89be1d4e13f3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-79f4-bb3a-9522344f249a', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 11, '2026-11-13 10:12:20+00', '2026-11-13 10:12:20+00', '2026-11-25 17:31:24.085304+00', '5ed942ec43ca55cf2b797eee175e3d55f63f54e9ed69de380115b259c0f19646'),
	('01a213c3-1e31-7501-9543-c3341febb2a9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c9a-9cae-4599690560ae', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 12, '2026-11-13 10:12:30+00', '2026-11-13 10:12:30+00', '2026-11-25 17:31:24.085304+00', 'dfa3c3e35d6e966ab367000ad0afcaad307b900c5cc6b7682f18bc25c1a1b3b6'),
	('01a213c3-1e34-7932-bb9d-e5a8b2037427', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fc-71c4-bae0-d261631a5724', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 13, '2026-11-13 10:12:40+00', '2026-11-13 10:12:40+00', '2026-11-25 17:31:24.085304+00', 'bfe1f6327e5dc1dc5fc67f13f38f130bef593d32317c0a5ce8968eac5a996bdb'),
	('01a213c3-1e34-7bec-9c9b-bbb9a252c73b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7f40-a9d9-f2fbb35a7cec', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 14, '2026-11-13 10:12:50+00', '2026-11-13 10:12:50+00', '2026-11-25 17:31:24.085304+00', 'a0b458e285fbc0259225da2a149b0e535a55e1f3c04bcbc0c284d1879685f52d'),
	('01a213c3-1e34-7412-9bdb-97a5eace9214', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-732f-82f2-ec2f7f802a64', 'two-hand-catch/meet-it', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 15, '2026-11-13 10:13:00+00', '2026-11-13 10:13:00+00', '2026-11-25 17:31:24.085304+00', 'ec02ccf74df1b637ce64dc95af7a35ceaa33e18b16cf91c48888db4994c5da82'),
	('01a213c3-1e34-71c7-b8a6-8ce38ca7e701', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7d4e-bb41-4a8a3b624902', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 16, '2026-11-13 10:13:10+00', '2026-11-13 10:13:10+00', '2026-11-25 17:31:24.085304+00', '96f3d1e9e79b5f29afcb36fb0b38ae7636964bcf7a92114f11288b11bd379ce6'),
	('01a213c3-1e34-7b17-b3a2-ee0042fc97ee', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7218-b728-ba9eda61a9e0', 'two-hand-catch/meet-it', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 17, '2026-11-13 10:13:20+00', '2026-11-13 10:13:20+00', '2026-11-25 17:31:24.085304+00', '2e9c8fbd9f96133b92005640abdc16e79013ef481148721a120bcb592b7d7b92'),
	('01a213c3-1e34-71fd-bcdc-bf306c9b8687', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79d1-ba7f-f7faa36f8024', 'two-hand-catch/meet-it', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7113-bf41-844e24c8386e', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 18, '2026-11-13 10:13:30+00', '2026-11-13 10:13:30+00', '2026-11-25 17:31:24.085304+00', '3a67597625af0014874c297b56b718bf4638596063fde939f31d7ce74200bf14'),
	('01a213c3-1e34-7785-be3c-d8b3e94bc5b2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7255-b657-3ad1d68b86d6', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 19, '2026-11-13 10:18:30+00', '2026-11-13 10:18:30+00', '2026-11-25 17:31:24.085304+00', 'ebadf6a27cee47bf995feceb40bfc66165b3dc8322dd9124fc533257a3467514'),
	('01a213c3-1e34-728a-87e7-4a76aa37eb60', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7aad-bf9b-228166a6e793', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 20, '2026-11-13 10:18:40+00', '2026-11-13 10:18:40+00', '2026-11-25 17:31:24.085304+00', '940dd4ceef6f89fd25a6b39543f081743eaa248bffd6db21d795cd096f64f102'),
	('01a213c3-1e34-7ede-abc3-d466dbec162b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7a31-8e35-cfacea630c37', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 21, '2026-11-13 10:18:50+00', '2026-11-13 10:18:50+00', '2026-11-25 17:31:24.085304+00', 'a17935f8987a4b356eb9820ccba72915d2a0c9136b622433fb556971d90e59e9'),
	('01a213c3-1e34-748d-b22c-a560d9ed53c0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7d50-801e-12f33751c652', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 22, '2026-11-13 10:19:00+00', '2026-11-13 10:19:00+00', '2026-11-25 17:31:24.085304+00', 'b00c27709136fec48a58ec11da6dcea0b8b5bf62474ea4c79bfb31752aff0c55'),
	('01a213c3-1e34-7dd8-8636-1a26aa962713', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79be-aaab-488fb99ad5dd', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 23, '2026-11-13 10:19:10+00', '2026-11-13 10:19:10+00', '2026-11-25 17:31:24.085304+00', '1761d010638b59556ce013228ea802b90fd73e8a823a5137e35620d3145b4a3e'),
	('01a213c3-1e34-73d7-bf91-55fe69244d06', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7a5f-8eae-953fc25abf6d', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 24, '2026-11-13 10:19:20+00', '2026-11-13 10:19:20+00', '2026-11-25 17:31:24.085304+00', 'ecddaf2be73d8e5e0777c2c2f87bf34305a0a937cf73893d036a19834e759142'),
	('01a213c3-1e34-71c2-be51-637363f8ecd2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 25, '2026-11-13 10:19:30+00', '2026-11-13 10:19:30+00', '2026-11-25 17:31:24.085304+00', '7e8a9991ab19ec0bffb97ab48d0b9be6aa25d52e1ca35b25e18439370b50b0e6'),
	('01a213c3-1e34-76ec-880f-e920532acd2a', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fb-7129-b73f-d7300abad4a1', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 26, '2026-11-13 10:19:40+00', '2026-11-13 10:19:40+00', '2026-11-25 17:31:24.085304+00', '9b41c4138c22c09a6b46755bf27cf8706bbc38d02c90cad945dfb805e84a57af'),
	('01a213c3-1e34-798e-b47f-d06086f83d3b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7271-a980-c41c972a9b0c', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 27, '2026-11-13 10:19:50+00', '2026-11-13 10:19:50+00', '2026-11-25 17:31:24.085304+00', '5e477a02f8a837e923bc88aad53f138cfa77653151e07e5c90c5ab8d68dcf8c5'),
	('01a213c3-1e34-73c3-9819-4dacab256c25', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 28, '2026-11-13 10:20:00+00', '2026-11-13 10:20:00+00', '2026-11-25 17:31:24.085304+00', 'c9b2b6aaba731ba3ef63ce7fbb20fa969be93829f394251233ec97154e83bd86'),
	('01a213c3-1e34-783a-8d3d-8b637adb7807', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-712e-acf4-4744e2918d13', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 29, '2026-11-13 10:20:10+00', '2026-11-13 10:20:10+00', '2026-11-25 17:31:24.085304+00', '65d198c39cab3b4806ee368d949cd19a72d13fdda26efd988b39e2962fe0de91'),
	('01a213c3-1e34-7612-ae15-68d9c12328c9', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-72e2-a71b-78b6f67c8609', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 30, '2026-11-13 10:20:20+00', '2026-11-13 10:20:20+00', '2026-11-25 17:31:24.085304+00', '7db24cf9c40c33384c63017e52ab3d1a7e6a795dc837c24ddb6060e20a953843'),
	('01a213c3-1e34-7e19-9be8-389b4c7e3da3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-743f-92f1-bc181318c4eb', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 31, '2026-11-13 10:20:30+00', '2026-11-13 10:20:30+00', '2026-11-25 17:31:24.085304+00', '84e983d711433c6a923a37156bee1c4e7c9b24a6e3ce16f7c04dfe7d2f9097eb'),
	('01a213c3-1e34-7527-9cb6-ad439ddd4b03', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7ef8-b15c-f1126aa0b2de', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 32, '2026-11-13 10:20:40+00', '2026-11-13 10:20:40+00', '2026-11-25 17:31:24.085304+00', 'ec8a1e018462e28836808d1a4bd202d7ff39fc38c6650b256ab205c789b71ae4'),
	('01a213c3-1e34-7878-95bf-b97fed8bfc4d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 33, '2026-11-13 10:20:50+00', '2026-11-13 10:20:50+00', '2026-11-25 17:31:24.085304+00', '86cc0fabf8f0d383a30ffa71ef0059f94bd65217f8b26c8de596956c5f458fd3'),
	('01a213c3-1e34-7841-9f06-fd12c2658c78', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-70ca-952b-18c13b36dc9b', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 34, '2026-11-13 10:21:00+00', '2026-11-13 10:21:00+00', '2026-11-25 17:31:24.085304+00', 'e8f8742fe1db4c2193c9da64f96c0256427cce4ed8cef25191a34608aa72c4c3'),
	('01a213c3-1e34-7f3b-b9b4-1f5fbb03b53c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7950-9002-2b89102a96e8', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 35, '2026-11-13 10:21:10+00', '2026-11-13 10:21:10+00', '2026-11-25 17:31:24.085304+00', '7dda615b1454e1541f6d243876272a19d16bbac11e6a00c1e36abcfe13feceb5'),
	('01a213c3-1e34-72f8-9fab-58dc46dedfe3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-79f4-bb3a-9522344f249a', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 36, '2026-11-13 10:21:20+00', '2026-11-13 10:21:20+00', '2026-11-25 17:31:24.085304+00', 'c56ebbbad988b7ef17f1bdaccac407b61af62207de91648cacbf1edcf6cc8880'),
	('01a213c3-1e34-719c-8b88-0b4f7d1ca864', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c9a-9cae-4599690560ae', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7cbd-9122-03f65455bcc1', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 37, '2026-11-13 10:21:30+00', '2026-11-13 10:21:30+00', '2026-11-25 17:31:24.085304+00', '97e40b582d0aa23fd6d885df483af4e041b3d0437a2e73485cd667df8c925073'),
	('01a213c3-1e34-7b9b-94ef-a98302384fb8', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-732f-82f2-ec2f7f802a64', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 38, '2026-11-13 10:26:30+00', '2026-11-13 10:26:30+00', '2026-11-25 17:31:24.085304+00', '715be271f834642fc076b26cee3e2675440153949bbf5bfb092bf2f880f32b2c'),
	('01a213c3-1e34-7d31-b241-a64b84450185', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7d4e-bb41-4a8a3b624902', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 39, '2026-11-13 10:26:40+00', '2026-11-13 10:26:40+00', '2026-11-25 17:31:24.085304+00', 'f063d21cab1d4bd326047b664045c5ee09bec9cc8b9f34e15707d57e3348161a'),
	('01a213c3-1e34-71b0-9250-732af6cf46c4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7218-b728-ba9eda61a9e0', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 40, '2026-11-13 10:26:50+00', '2026-11-13 10:26:50+00', '2026-11-25 17:31:24.085304+00', 'e06424b6a0cfb3a3e3ff53113f6f9e6eb3ee6c72e8953c03a65c7645e9568b79'),
	('01a213c3-1e34-739f-9c66-ca22c6ea4988', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79d1-ba7f-f7faa36f8024', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 41, '2026-11-13 10:27:00+00', '2026-11-13 10:27:00+00', '2026-11-25 17:31:24.085304+00', '5acb5113a35485d968402f8191dcdd82939dd959f77167b9add742a50aba12e4'),
	('01a213c3-1e34-7bf7-a4d1-45f2084ba450', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7456-86c5-d1e9a30e944c', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 42, '2026-11-13 10:27:10+00', '2026-11-13 10:27:10+00', '2026-11-25 17:31:24.085304+00', '2792a492b4fdf3bae036b3e2d621ef8dfa8578496067ccc627c42bc21071a26c'),
	('01a213c3-1e34-7e50-af1d-3199ee37c9bc', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-779d-a985-b675cc65973c', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 43, '2026-11-13 10:27:20+00', '2026-11-13 10:27:20+00', '2026-11-25 17:31:24.085304+00', 'fa8291847ceda0a9b84b206617e98bf78bcd96693908f650ea0071d6f2b1003f'),
	('01a213c3-1e34-7bbc-9d1b-b1bceefe9a29', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7255-b657-3ad1d68b86d6', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 44, '2026-11-13 10:27:30+00', '2026-11-13 10:27:30+00', '2026-11-25 17:31:24.085304+00', 'badc67b9b9336911be093caf3b8c805af0aed59ae8a5be0bcd02da2dcede1431'),
	('01a213c3-1e34-798c-ace5-eb274f39df72', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7aad-bf9b-228166a6e793', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 45, '2026-11-13 10:27:40+00', '2026-11-13 10:27:40+00', '2026-11-25 17:31:24.085304+00', '7b7d4cad61daf064e03ddcca689fdcd90b1773fb5dd12cedff5b059b0c782588'),
	('01a213c3-1e34-79c0-b1a5-41fa9a1e88c4', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7a31-8e35-cfacea630c37', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 46, '2026-11-13 10:27:50+00', '2026-11-13 10:27:50+00', '2026-11-25 17:31:24.085304+00', 'e819b74e571d1b98c33640e6c25bab1a37aa01bede1cae1ef303ec5183e86ebb'),
	('01a213c3-1e34-7d32-b320-b073f2eab30c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7d50-801e-12f33751c652', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 47, '2026-11-13 10:28:00+00', '2026-11-13 10:28:00+00', '2026-11-25 17:31:24.085304+00', '960b506538ac8a743e12806ce6623e617525d751fbfb44bbd71328f236aa509c'),
	('01a213c3-1e34-7829-81ed-800f3c588083', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79be-aaab-488fb99ad5dd', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 48, '2026-11-13 10:28:10+00', '2026-11-13 10:28:10+00', '2026-11-25 17:31:24.085304+00', 'e6cbd46a01c11af901b3f145253069f763c6fc775a7eaac5c7b9766b343f07d6'),
	('01a213c3-1e34-7cc6-a5fb-8dd3656f9046', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7a5f-8eae-953fc25abf6d', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 49, '2026-11-13 10:28:20+00', '2026-11-13 10:28:20+00', '2026-11-25 17:31:24.085304+00', '1f017a55a8686ff106c8a44dcd8300c43996268a8103cdbf70f9bf3c4305da32'),
	('01a213c3-1e34-7421-92f4-1fbe2356f29d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 50, '2026-11-13 10:28:30+00', '2026-11-13 10:28:30+00', '2026-11-25 17:31:24.085304+00', '4ac2f8db92fff233b7823cac657e7088f5a92b352e169455ad5bea93a73495a8'),
	('01a213c3-1e34-796e-acaa-6a9e6eefc58e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fb-7129-b73f-d7300abad4a1', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 51, '2026-11-13 10:28:40+00', '2026-11-13 10:28:40+00', '2026-11-25 17:31:24.085304+00', '6d32bb8b295f44d2c7e9e1a4608dc11eb3c53b332284a159c32ae252316e20e4'),
	('01a213c3-1e34-72c2-8b27-871abb72a2b7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7271-a980-c41c972a9b0c', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 52, '2026-11-13 10:28:50+00', '2026-11-13 10:28:50+00', '2026-11-25 17:31:24.085304+00', '83ad6735bf406aded30ba197ac9fec5930ec9b0cc9e76b5e776770c4c2d145df'),
	('01a213c3-1e34-7288-bfe1-812b9b20ddf0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7395-8c89-61f630a2eaec', '01a213c3-1905-7499-9dc2-3ae7e7266008', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-1e30-7c06-8cd6-b671eb909671', 53, '2026-11-13 10:29:00+00', '2026-11-13 10:29:00+00', '2026-11-25 17:31:24.085304+00', '70692bf59d09ed8b81f511838c2d10eebc19e8edc43a358c1af49b9555c763d7'),
	('01a213c3-20a8-7f06-8e44-7af639422f58', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79d1-ba7f-f7faa36f8024', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 0, '2026-11-20 10:10:30+00', '2026-11-20 10:10:30+00', '2026-11-25 17:31:24.713035+00', 'f11a04e76d092b38eedac2edeee81dad438d696b7f37de364c58f4a5478ea0c3'),
	('01a213c3-20a8-74be-83f4-a19db214a16b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7456-86c5-d1e9a30e944c', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 1, '2026-11-20 10:10:40+00', '2026-11-20 10:10:40+00', '2026-11-25 17:31:24.713035+00', '95f49db039c8c143043c0aa2c1457124f036071dc707c233803506c93573f5a6'),
	('01a213c3-20a8-7952-b40f-3ed0491c7d68', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-779d-a985-b675cc65973c', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 2, '2026-11-20 10:10:50+00', '2026-11-20 10:10:50+00', '2026-11-25 17:31:24.713035+00', 'd0a5ac73e11be20a03bb9d360f7be9c758d7408f7c828d240d4825d4ea1f0a10'),
	('01a213c3-20a8-708a-9cf9-25ebc9712150', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7255-b657-3ad1d68b86d6', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 3, '2026-11-20 10:11:00+00', '2026-11-20 10:11:00+00', '2026-11-25 17:31:24.713035+00', '84a99d4895d08c7b26eab5ac077575fca14c595493906b6c57d4d913a1dadc2b'),
	('01a213c3-20a8-7f73-b8c9-e432637c6879', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7aad-bf9b-228166a6e793', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 4, '2026-11-20 10:11:10+00', '2026-11-20 10:11:10+00', '2026-11-25 17:31:24.713035+00', 'dba70430a1e1069da60cdf1a1c863e77d6573ded353ab07aebf2046500d0d413'),
	('01a213c3-20a8-7133-8abd-444490033e7e', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7a31-8e35-cfacea630c37', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 5, '2026-11-20 10:11:20+00', '2026-11-20 10:11:20+00', '2026-11-25 17:31:24.713035+00', '9e05c44004b4ab9017376c3c2bb1017bc89485f754f340b7631fc7197b21b007'),
	('01a213c3-20a8-7d44-b68d-4bdae7cf55fc', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7d50-801e-12f33751c652', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 6, '2026-11-20 10:11:30+00', '2026-11-20 10:11:30+00', '2026-11-25 17:31:24.713035+00', '6e6356f3306f8b0c7de8ad7b3a513d15c9bde3b51174a4b85424342dc9117c2a'),
	('01a213c3-20a8-7e91-9b90-ce7625fd643c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79be-aaab-488fb99ad5dd', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 7, '2026-11-20 10:11:40+00', '2026-11-20 10:11:40+00', '2026-11-25 17:31:24.713035+00', '77a3a9b8112f87cee59e8cbdbdc37af72062a2aee4d7406671a417c628d93e07'),
	('01a213c3-20a8-7015-b021-eae4a4ac7efb', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7a5f-8eae-953fc25abf6d', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 8, '2026-11-20 10:11:50+00', '2026-11-20 10:11:50+00', '2026-11-25 17:31:24.713035+00', 'dc7289a3db44524574d4773d600944b9e5f288fe67f3ee0f909827d030db5250'),
	('01a213c3-20a8-75cf-8237-79a8db0d9735', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 9, '2026-11-20 10:12:00+00', '2026-11-20 10:12:00+00', '2026-11-25 17:31:24.713035+00', '4afe914bfa247c65671576eba6e11205f0cfe11908e90f91a86694b7e5e816bd'),
	('01a213c3-20a8-72bb-9698-05530b202889', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fb-7129-b73f-d7300abad4a1', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 10, '2026-11-20 10:12:10+00', '2026-11-20 10:12:10+00', '2026-11-25 17:31:24.713035+00', '4cdf6b07c8408259cda15952b7428026b1100ee57e2ba2435bb1c38e9c4585b4'),
	('01a213c3-20a8-76b2-8e0c-ae599ba764e3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7271-a980-c41c972a9b0c', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 11, '2026-11-20 10:12:20+00', '2026-11-20 10:12:20+00', '2026-11-25 17:31:24.713035+00', '5dd0e808bc61759d75faf07780948bf328917c3f9f10156e35a453074b3ccf66'),
	('01a213c3-20a8-7eda-9dd5-60f698d42eec', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-792a-9730-8b6c7f0b3caa', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 12, '2026-11-20 10:12:30+00', '2026-11-20 10:12:30+00', '2026-11-25 17:31:24.713035+00', '41c2c593ce43f916e916c4db7b5c31dc4cdf0b8b4919a4610d88fa8ad582497d'),
	('01a213c3-20a8-7611-88f1-00d6d8901a82', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-712e-acf4-4744e2918d13', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 13, '2026-11-20 10:12:40+00', '2026-11-20 10:12:40+00', '2026-11-25 17:31:24.713035+00', 'e6ff2445ee55b6f6b4fbed12c7521c40cf9da034b9f468f178d294ba82d9da83'),
	('01a213c3-20a8-7d63-be11-c36b32315816', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-72e2-a71b-78b6f67c8609', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 14, '2026-11-20 10:12:50+00', '2026-11-20 10:12:50+00', '2026-11-25 17:31:24.713035+00', '9b8b19bc5f2be5770ab6bed11a3c4905078ba10240e94296d36ac4996be5b1b2'),
	('01a213c3-20a8-71a8-99a1-3db8012649ee', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-743f-92f1-bc181318c4eb', 'two-hand-catch/fingers', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 15, '2026-11-20 10:13:00+00', '2026-11-20 10:13:00+00', '2026-11-25 17:31:24.713035+00', 'beee3ed4f7575c5094561164c3243388f9ce07fdd345c60cf51fc770fc4f951c'),
	('01a213c3-20a8-7ca6-8b04-cbcc3799f05c', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7ef8-b15c-f1126aa0b2de', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 16, '2026-11-20 10:13:10+00', '2026-11-20 10:13:10+00', '2026-11-25 17:31:24.713035+00', 'c5b5b1c1e802a2e93cb84870eaa701649b436c626e4409268b470c630c094b11'),
	('01a213c3-20a8-7701-b83e-c5c4fab1c2e5', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 17, '2026-11-20 10:13:20+00', '2026-11-20 10:13:20+00', '2026-11-25 17:31:24.713035+00', '5e446383e846145b5b71bce9422cfbd664be1d42249bdccda453e8e3819beca4'),
	('01a213c3-20a8-7af7-967a-928fef6f86a1', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-70ca-952b-18c13b36dc9b', 'two-hand-catch/fingers', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7904-9753-958332ae43a7', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 18, '2026-11-20 10:13:30+00', '2026-11-20 10:13:30+00', '2026-11-25 17:31:24.713035+00', '0661fb2fad4bb915c65bc65faf3ca818faaf834babd667a3576ac910f6111d92'),
	('01a213c3-20a8-76e4-b6cd-4adf5facde77', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c9a-9cae-4599690560ae', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 19, '2026-11-20 10:18:30+00', '2026-11-20 10:18:30+00', '2026-11-25 17:31:24.713035+00', '738badee9bfabebee7cd50b606c471fe3fdee91e376d10a2470b35a1d584d0fa'),
	('01a213c3-20a8-7b1a-9736-ff27c4f424d6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fc-71c4-bae0-d261631a5724', 'two-hand-catch/soften', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 20, '2026-11-20 10:18:40+00', '2026-11-20 10:18:40+00', '2026-11-25 17:31:24.713035+00', '7fde7f0994f175592439df91ae815a311d1c8a488a02981227105b41d957c4de'),
	('01a213c3-20a8-76a5-a923-87eec6831a10', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7f40-a9d9-f2fbb35a7cec', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 21, '2026-11-20 10:18:50+00', '2026-11-20 10:18:50+00', '2026-11-25 17:31:24.713035+00', 'e7dbad1e2b01785b6f1d48c341baed239b978ec10a8f0c425feca8ac483af5b9'),
	('01a213c3-20a8-7b76-888c-60ad129425b7', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-732f-82f2-ec2f7f802a64', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 22, '2026-11-20 10:19:00+00', '2026-11-20 10:19:00+00', '2026-11-25 17:31:24.713035+00', 'b0579da53c04c636b174c04907e4fb2a6d14cecdf60275167bea5f90aaa14c96'),
	('01a213c3-20a8-77ff-8f21-5bd44f132b8f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7d4e-bb41-4a8a3b624902', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 23, '2026-11-20 10:19:10+00', '2026-11-20 10:19:10+00', '2026-11-25 17:31:24.713035+00', 'c3b05b9d75ac90898b11a256d85710ee902f94f70a141f079ec58194d05f7537'),
	('01a213c3-20a8-7921-a665-0bf7762bcc10', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7218-b728-ba9eda61a9e0', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 24, '2026-11-20 10:19:20+00', '2026-11-20 10:19:20+00', '2026-11-25 17:31:24.713035+00', '3975a8a3cc42d6260725bcc3bce1c369b470138976b72d078accfcf07003c573'),
	('01a213c3-20a8-7a38-af72-3b2dc8c740e6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79d1-ba7f-f7faa36f8024', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 25, '2026-11-20 10:19:30+00', '2026-11-20 10:19:30+00', '2026-11-25 17:31:24.713035+00', 'd600002fff216fe43d89b77a88fd0e6feced3edb03b6ea69f84761c5771d4f81'),
	('01a213c3-20a8-700a-a304-a903c6c3cbed', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7456-86c5-d1e9a30e944c', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 26, '2026-11-20 10:19:40+00', '2026-11-20 10:19:40+00', '2026-11-25 17:31:24.713035+00', '0b570d951a4bb5b9054c33d33a36880bb280c194d5362a79a416d48d5e2daa1f'),
	('01a213c3-20a8-7f49-bd10-fc8e0620a851', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-779d-a985-b675cc65973c', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 27, '2026-11-20 10:19:50+00', '2026-11-20 10:19:50+00', '2026-11-25 17:31:24.713035+00', 'b5e69353f13b5906791ebb64c4d152c3c8a5fee58710fdf7c12f0f4d4fc3c88e'),
	('01a213c3-20a8-7f7a-8b56-5d22d308069b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7255-b657-3ad1d68b86d6', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 28, '2026-11-20 10:20:00+00', '2026-11-20 10:20:00+00', '2026-11-25 17:31:24.713035+00', '2269ced94b0a23894b2a2b6975b3b8aea54d8169de6d9d6aae1af36c2e9d99f5'),
	('01a213c3-20a8-76a2-b5aa-acd34e97b388', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7aad-bf9b-228166a6e793', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 29, '2026-11-20 10:20:10+00', '2026-11-20 10:20:10+00', '2026-11-25 17:31:24.713035+00', 'eb6eabc6d09e322e60656f78bc541fb0cf40fac2df47775ee8edad1f58cd177c'),
	('01a213c3-20a8-7834-8cce-d85f36bb26d2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7a31-8e35-cfacea630c37', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 30, '2026-11-20 10:20:20+00', '2026-11-20 10:20:20+00', '2026-11-25 17:31:24.713035+00', '058a58351af2f1f042ef32434b47ba55c3a616c6e95573de3e261729c9ab02d0'),
	('01a213c3-20a8-723c-bb57-58022ce5aa8f', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7d50-801e-12f33751c652', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 31, '2026-11-20 10:20:30+00', '2026-11-20 10:20:30+00', '2026-11-25 17:31:24.713035+00', '864c61c01c7aa6df85baac2849b354b8651ec6aeaa6489ad049207c331e16b63'),
	('01a213c3-20a8-771f-817f-b55b658d700d', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79be-aaab-488fb99ad5dd', 'two-hand-catch/soften', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 32, '2026-11-20 10:20:40+00', '2026-11-20 10:20:40+00', '2026-11-25 17:31:24.713035+00', 'fcbfc3c903b034a7f78ce15beeed85896137c94b726f460da91498b11c72a88f'),
	('01a213c3-20a8-782f-a4d9-1631382cf845', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7a5f-8eae-953fc25abf6d', 'two-hand-catch/soften', true, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 33, '2026-11-20 10:20:50+00', '2026-11-20 10:20:50+00', '2026-11-25 17:31:24.713035+00', '4db5c374c22ea5af7b906c3707f4e429c528599be7adc173239786f72182e892'),
	('01a213c3-20a8-75e9-8523-926c26c2f713', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7b23-b450-6c7eb36fe8aa', 'two-hand-catch/soften', false, 'TEACHER', 'DRILL', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7ce8-9d80-10de3206b1e6', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 34, '2026-11-20 10:21:00+00', '2026-11-20 10:21:00+00', '2026-11-25 17:31:24.713035+00', 'a9d37a93e3608699e65f3d8f536bb1a1bd3425915755a3b6c99e118e25390d30'),
	('01a213c3-20a8-7ef5-9e48-6ab219d047f8', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-743f-92f1-bc181318c4eb', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 35, '2026-11-20 10:25:30+00', '2026-11-20 10:25:30+00', '2026-11-25 17:31:24.713035+00', 'cefe359915876847b2d636a85047cdd401940cc939191e063b4c27dc9daf25d9'),
	('01a213c3-20a8-7fbb-b5ce-64c53234ba70', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7ef8-b15c-f1126aa0b2de', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 36, '2026-11-20 10:25:40+00', '2026-11-20 10:25:40+00', '2026-11-25 17:31:24.713035+00', '550a4e8a65fd75971c153366ade84535372c172ab5bf8c23236bd76359177cd3'),
	('01a213c3-20a8-7f27-9279-67118d662e7b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c3f-bdf7-71824a04aa17', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 37, '2026-11-20 10:25:50+00', '2026-11-20 10:25:50+00', '2026-11-25 17:31:24.713035+00', 'f105847d4f87c08d417459bf9eaad61aacfaba1da7f3f06ce391e6792b66df81'),
	('01a213c3-20a8-76a6-9a6d-34713bdd8e43', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-70ca-952b-18c13b36dc9b', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 38, '2026-11-20 10:26:00+00', '2026-11-20 10:26:00+00', '2026-11-25 17:31:24.713035+00', '92c3b964817a8288a26d5166da7bf05df9d838dab2f9fd2c6b1538317f2eda01'),
	('01a213c3-20a8-7f8f-898e-9eea72aa68ed', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7950-9002-2b89102a96e8', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 39, '2026-11-20 10:26:10+00', '2026-11-20 10:26:10+00', '2026-11-25 17:31:24.713035+00', 'acae44416b3b142067b79475f7a5daf858b55364c6a14ec16e937e2f0455ce9b'),
	('01a213c3-20a8-7880-a010-cdd0d3859773', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-79f4-bb3a-9522344f249a', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 40, '2026-11-20 10:26:20+00', '2026-11-20 10:26:20+00', '2026-11-25 17:31:24.713035+00', '08e071ca4eb45a6209e960aaeb9d1089493bb7f171a39cf37e550ed4a1de8036'),
	('01a213c3-20a8-77b7-94d0-2902a70b16e6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-7c9a-9cae-4599690560ae', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 41, '2026-11-20 10:26:30+00', '2026-11-20 10:26:30+00', '2026-11-25 17:31:24.713035+00', '34d19048bed759d27a9e260c486421e671cc48bdfd389d9644f3e844592ecf23'),
	('01a213c3-20a8-7a1b-af85-84f700fedc03', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fc-71c4-bae0-d261631a5724', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 42, '2026-11-20 10:26:40+00', '2026-11-20 10:26:40+00', '2026-11-25 17:31:24.713035+00', 'eea2239b98fdbaa4c24e6fada0a7dc7eacc7bcf37dac57be57a4e13464f35362'),
	('01a213c3-20a8-7705-bca9-952d25acd09b', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7f40-a9d9-f2fbb35a7cec', 'underarm-roll/eyes-on-target', false, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 43, '2026-11-20 10:26:50+00', '2026-11-20 10:26:50+00', '2026-11-25 17:31:24.713035+00', '72179246abcfc57a83db2a2408150a35d5598b55b594770304e3b9200a96ea6b'),
	('01a213c3-20a8-765e-8535-916b329f6aab', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fd-732f-82f2-ec2f7f802a64', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 44, '2026-11-20 10:27:00+00', '2026-11-20 10:27:00+00', '2026-11-25 17:31:24.713035+00', '104db9bf8cd4fc5f6ef15068a6145486c86068763211d5f2581670a8ddfd4a96'),
	('01a213c3-20a8-746a-a8ca-5d6f72ce88a2', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7d4e-bb41-4a8a3b624902', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 45, '2026-11-20 10:27:10+00', '2026-11-20 10:27:10+00', '2026-11-25 17:31:24.713035+00', '8fa73ed1dac575c83e019d35663d9f8b61885f68cb862137c0ba5b3e25d3db5c'),
	('01a213c3-20a8-7af7-bd83-d01c0e458742', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7218-b728-ba9eda61a9e0', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 46, '2026-11-20 10:27:20+00', '2026-11-20 10:27:20+00', '2026-11-25 17:31:24.713035+00', 'f3c378357ba8ba4fd4ef3a9702d3bb403e9d18598ff6f59e48e1a73104fd89e8'),
	('01a213c3-20a8-7663-9f35-2b3e31622563', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-79d1-ba7f-f7faa36f8024', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 47, '2026-11-20 10:27:30+00', '2026-11-20 10:27:30+00', '2026-11-25 17:31:24.713035+00', 'b31ba9d9958a2f68b5d0c9acedbffd67c7002e9e57862e70213578ef0d7f7cfb'),
	('01a213c3-20a8-7666-87ee-6873544e3eb0', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-7456-86c5-d1e9a30e944c', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 48, '2026-11-20 10:27:40+00', '2026-11-20 10:27:40+00', '2026-11-25 17:31:24.713035+00', 'a08efc968cbabf98e477a75f701b9e0cbba3949fe46adf4a95a78fc8a2b1ff87'),
	('01a213c3-20a8-7513-8028-406c71f9d830', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1801-779d-a985-b675cc65973c', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 49, '2026-11-20 10:27:50+00', '2026-11-20 10:27:50+00', '2026-11-25 17:31:24.713035+00', '8ed0be0cdcf743696362f3768cedd1aa249a989a015394e41eac480b9ace4b8d'),
	('01a213c3-20a8-7cfd-9fad-8ff84b91fc76', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1802-7255-b657-3ad1d68b86d6', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 50, '2026-11-20 10:28:00+00', '2026-11-20 10:28:00+00', '2026-11-25 17:31:24.713035+00', '41ee124e2edbb4444bec9a8c24a6a6a84ade1883e73fe8b1975b47c6bd990859'),
	('01a213c3-20a8-7bda-8795-b966b9f6be81', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17fe-7aad-bf9b-228166a6e793', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 51, '2026-11-20 10:28:10+00', '2026-11-20 10:28:10+00', '2026-11-25 17:31:24.713035+00', 'ae74319ed93a560306704e3d1c8a1cc9f7c5dc624bf89f1b70ba6e25ba6f6af7'),
	('01a213c3-20a8-781d-87c7-1912d6486de6', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17ff-7a31-8e35-cfacea630c37', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 52, '2026-11-20 10:28:20+00', '2026-11-20 10:28:20+00', '2026-11-25 17:31:24.713035+00', '8f8409feb08d6705e291a600e96938733ccff4add303c3b6566e632f0ab36bcc'),
	('01a213c3-20a8-7215-b766-3c014a76b466', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1800-7d50-801e-12f33751c652', 'underarm-roll/eyes-on-target', true, 'TEACHER', 'GAME', NULL, NULL, NULL, NULL, '01a213c3-1887-7a2c-95f3-5ff88a5f7526', '01a213c3-1f05-7887-9b8b-5be2b6335d79', 'b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973', '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '01a213c3-20a8-72bb-9e83-74845b9d7289', 53, '2026-11-20 10:28:30+00', '2026-11-20 10:28:30+00', '2026-11-25 17:31:24.713035+00', 'acc23d8f0ad7c6f3f55c12b3a1142185a0f75beb11cff454a26a38c266037c67');


--
-- Data for Name: trial_conflict; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: trial_void; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: unit; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.unit VALUES
	('01a213c3-1866-7519-89e4-d66807a94e57', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-17da-74ab-bebd-07c1dd195180', 'Roll it, catch it', '01a213c3-21cf-7320-86ba-5c3a70946143', 3),
	('01a213c3-221e-7c6f-8965-2d22bb7ead88', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-181b-7d70-a86a-24933919326c', 'Aim and gather', '01a213c3-230e-73a1-88d4-047588ba0e92', 1),
	('01a213c3-2315-7cd9-bbd2-a3b4c785c886', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-174b-77ed-8bdc-b998b7e7dce8', 'First rolls, first catches', '01a213c3-23a1-7b96-b98d-16dafb6422f3', 1);


--
-- Data for Name: unit_revision; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.unit_revision VALUES
	('01a213c3-1bb9-7161-8375-0ce3bcedf800', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', NULL, NULL, '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '2026-11-25 17:31:23.449541+00', 'Planned', '["b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973"]', 1637, 0, 0, 22, '{"order": "INTERLEAVED", "lessons": [{"lesson": "01a213c3-1886-7cc0-91c8-1bc1b04d10cc", "segments": [{"id": "01a213c3-1903-7fe4-a486-9c4f10ab1080", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a213c3-1903-775b-adc4-ff9dce940169", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 3, "introduces": []}, {"id": "01a213c3-1903-7850-88ef-5acadd09fffc", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/watch-it-in"]}, {"id": "01a213c3-1903-7384-9759-25f777aabf62", "focus": ["underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/swing-back"]}, {"id": "01a213c3-1904-716d-b71b-3348ec5e847b", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "hold-the-cargo"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1904-7ea2-b57c-5c3fbd4cac4c", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7395-8c89-61f630a2eaec", "segments": [{"id": "01a213c3-1904-754c-8d1b-2a8ca0d3f827", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1904-75af-b5b5-c94c76d2c761", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7113-bf41-844e24c8386e", "focus": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/meet-it"]}, {"id": "01a213c3-1905-7cbd-9122-03f65455bcc1", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "wall-returns"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/eyes-on-target"]}, {"id": "01a213c3-1905-7499-9dc2-3ae7e7266008", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a213c3-1905-7fb2-9f79-e023d27f062c", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7650-ad33-e9a2acfa6f61", "segments": [{"id": "01a213c3-1905-792b-b9c0-2128117bc6ad", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7699-bd04-7ad383deac77", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7200-8a1a-5a170e60c9f7", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a213c3-1905-7673-8c5e-f48607f4dba8", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/soften"]}, {"id": "01a213c3-1905-7547-ae72-bf08c8a42b72", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "quay-skittles"}], "watch": "underarm-roll/eyes-on-target", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1905-7fe5-b07f-112b3ae35b19", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7a2c-95f3-5ff88a5f7526", "segments": [{"id": "01a213c3-1905-74b3-a003-51fe7b18918f", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7a4a-b984-2a528d7a4d4f", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7100-9d40-55d4f0f892ca", "focus": ["two-hand-catch/soften", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a213c3-1905-7b32-987f-04930e433181", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "face-to-face-rolls"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/other-foot", "underarm-roll/hand-low"]}, {"id": "01a213c3-1905-7131-946f-82f5f9f063c8", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 1, "activity": "harbour-lights"}], "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1905-7827-9a83-f82090ae8a2b", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7d80-9df4-6e26c4014a50", "segments": [{"id": "01a213c3-1905-7e9e-9c24-10c0d8c6ab6e", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7443-aa35-0cb835db34a0", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7cec-a424-54fd01d4ee42", "focus": ["underarm-roll/finish", "underarm-roll/other-foot"], "parts": [{"setting": 1, "activity": "ladder-of-lines"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/finish"]}, {"id": "01a213c3-1905-7f3b-b034-1f88fc80aab0", "focus": ["underarm-roll/hand-low", "underarm-roll/finish"], "parts": [{"setting": 0, "activity": "big-gate"}], "watch": "underarm-roll/finish", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a213c3-1905-712c-ba31-80819f31b788", "focus": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it"], "parts": [{"setting": 0, "activity": "hundred-lanterns"}], "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1905-7808-84ba-d639b7a27bd2", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7c5b-9a11-5973758f93af", "segments": [{"id": "01a213c3-1905-7456-bd13-16254f14ffa1", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7bd6-a989-24d7509e9138", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1906-7748-b2a6-288b26e5b2c4", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "step-to-it"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1906-7157-8314-bb46acb98ccf", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a213c3-1906-7d46-bfc4-29d0f4900e7d", "focus": ["underarm-roll/finish", "underarm-roll/eyes-on-target"], "parts": [{"setting": 1, "activity": "beacon-row"}], "watch": "underarm-roll/finish", "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a213c3-1906-7013-b79d-168515eb4154", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7db9-8645-0e0cda748750", "segments": [{"id": "01a213c3-1906-72a4-892f-abf81b285ffe", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1906-7fe5-a3b3-0fc18cdc3357", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1906-715d-a9ac-b9fc93d435e8", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "three-marks"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1906-7ca3-a6fe-34b883cbea32", "focus": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it"], "parts": [{"setting": 0, "activity": "step-to-it"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a213c3-1906-7f2e-9c47-e4e097500e9e", "focus": ["underarm-roll/finish", "underarm-roll/eyes-on-target"], "parts": [{"setting": 0, "activity": "tide-line"}], "watch": "underarm-roll/finish", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1906-7fc9-9c5c-06efae3ee96a", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/components"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/components"}], "leftOver": []}', 1, 0),
	('01a213c3-1fc4-7676-a0ba-b1713a3fa797', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', '01a213c3-1bb9-7161-8375-0ce3bcedf800', NULL, '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '2026-11-25 17:31:24.484564+00', 'Replanned the rest', '["b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973"]', 610, 0, 0, 27, '{"order": "INTERLEAVED", "lessons": [{"lesson": "01a213c3-1886-7cc0-91c8-1bc1b04d10cc", "segments": [{"id": "01a213c3-1903-7fe4-a486-9c4f10ab1080", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a213c3-1903-775b-adc4-ff9dce940169", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 3, "introduces": []}, {"id": "01a213c3-1903-7850-88ef-5acadd09fffc", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/watch-it-in"]}, {"id": "01a213c3-1903-7384-9759-25f777aabf62", "focus": ["underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/swing-back"]}, {"id": "01a213c3-1904-716d-b71b-3348ec5e847b", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "hold-the-cargo"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1904-7ea2-b57c-5c3fbd4cac4c", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7395-8c89-61f630a2eaec", "segments": [{"id": "01a213c3-1904-754c-8d1b-2a8ca0d3f827", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1904-75af-b5b5-c94c76d2c761", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7113-bf41-844e24c8386e", "focus": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/meet-it"]}, {"id": "01a213c3-1905-7cbd-9122-03f65455bcc1", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "wall-returns"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/eyes-on-target"]}, {"id": "01a213c3-1905-7499-9dc2-3ae7e7266008", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a213c3-1905-7fb2-9f79-e023d27f062c", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7a2c-95f3-5ff88a5f7526", "segments": [{"id": "01a213c3-1f05-7471-bc63-33976ce200a6", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-77eb-8c99-d1964582fc7d", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-7904-9753-958332ae43a7", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a213c3-1f05-7ce8-9d80-10de3206b1e6", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/soften"]}, {"id": "01a213c3-1f05-7887-9b8b-5be2b6335d79", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "tide-line"}], "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1f05-72e5-a573-26a8c95ab081", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7d80-9df4-6e26c4014a50", "segments": [{"id": "01a213c3-1f05-7203-8f49-65c12abbc69f", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-749b-84da-6499501f4f5c", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-7c5c-8dcc-80bda5b5b472", "focus": ["two-hand-catch/soften", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1f05-7c4d-a957-7c98d9f9e390", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "face-to-face-rolls"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["underarm-roll/other-foot", "underarm-roll/hand-low"]}, {"id": "01a213c3-1f05-793b-b9dd-c3f2d777e809", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "hundred-lanterns"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1f05-7c29-af2e-3735f51bd9b6", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7c5b-9a11-5973758f93af", "segments": [{"id": "01a213c3-1f05-7776-bd9e-f94b4d50b226", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-7ba2-bfc8-221fc8ce89ee", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-7d01-8fa1-10a3584d3a77", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "ladder-of-lines"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1f05-755e-ad09-1805f8be7937", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "three-marks"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a213c3-1f05-706d-94b9-57c3624d5fee", "focus": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "harbour-lights"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1f05-70f8-9616-52d3bac7e7ee", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7db9-8645-0e0cda748750", "segments": [{"id": "01a213c3-1f05-72a6-a827-b3f6a5c5d7d5", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-7050-ad81-e51f3e65682f", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f06-70bb-a058-44c1f4bc0b00", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "step-to-it"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1f06-723e-8a93-ea04841aa6b6", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a213c3-1f06-7ca3-a501-e9ea07dd54a8", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "beacon-row"}], "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a213c3-1f06-7f1b-95e9-712dbd4c6f32", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7650-ad33-e9a2acfa6f61", "segments": [{"id": "01a213c3-1905-792b-b9c0-2128117bc6ad", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7699-bd04-7ad383deac77", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7200-8a1a-5a170e60c9f7", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a213c3-1905-7673-8c5e-f48607f4dba8", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/soften"]}, {"id": "01a213c3-1905-7547-ae72-bf08c8a42b72", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "quay-skittles"}], "watch": "underarm-roll/eyes-on-target", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1905-7fe5-b07f-112b3ae35b19", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/components"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/components"}], "leftOver": ["underarm-roll/finish"]}', 1, 0),
	('01a213c3-21cf-7320-86ba-5c3a70946143', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-1866-7519-89e4-d66807a94e57', '01a213c3-1fc4-7676-a0ba-b1713a3fa797', NULL, '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '2026-11-25 17:31:25.007961+00', 'Replanned the rest', '["b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973"]', 437, 0, 0, 27, '{"order": "INTERLEAVED", "lessons": [{"lesson": "01a213c3-1886-7cc0-91c8-1bc1b04d10cc", "segments": [{"id": "01a213c3-1903-7fe4-a486-9c4f10ab1080", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a213c3-1903-775b-adc4-ff9dce940169", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 3, "introduces": []}, {"id": "01a213c3-1903-7850-88ef-5acadd09fffc", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/watch-it-in"]}, {"id": "01a213c3-1903-7384-9759-25f777aabf62", "focus": ["underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/swing-back"]}, {"id": "01a213c3-1904-716d-b71b-3348ec5e847b", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "hold-the-cargo"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1904-7ea2-b57c-5c3fbd4cac4c", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7395-8c89-61f630a2eaec", "segments": [{"id": "01a213c3-1904-754c-8d1b-2a8ca0d3f827", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1904-75af-b5b5-c94c76d2c761", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7113-bf41-844e24c8386e", "focus": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/meet-it"]}, {"id": "01a213c3-1905-7cbd-9122-03f65455bcc1", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "wall-returns"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/eyes-on-target"]}, {"id": "01a213c3-1905-7499-9dc2-3ae7e7266008", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a213c3-1905-7fb2-9f79-e023d27f062c", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7a2c-95f3-5ff88a5f7526", "segments": [{"id": "01a213c3-1f05-7471-bc63-33976ce200a6", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-77eb-8c99-d1964582fc7d", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1f05-7904-9753-958332ae43a7", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a213c3-1f05-7ce8-9d80-10de3206b1e6", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/soften"]}, {"id": "01a213c3-1f05-7887-9b8b-5be2b6335d79", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "tide-line"}], "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1f05-72e5-a573-26a8c95ab081", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7d80-9df4-6e26c4014a50", "segments": [{"id": "01a213c3-2142-745c-aacc-4584457d1e91", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2142-7543-8450-9b9f525b16cd", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2142-7e8b-abdb-0f20f3baee1c", "focus": ["two-hand-catch/soften", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-2142-7d65-b93a-882a6bf584a5", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "face-to-face-rolls"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["underarm-roll/other-foot", "underarm-roll/hand-low"]}, {"id": "01a213c3-2142-71cb-ae0d-1b8ccb6cf003", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "hundred-lanterns"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-2142-74d4-a0ee-d916b7757f04", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7c5b-9a11-5973758f93af", "segments": [{"id": "01a213c3-2142-7500-8c7f-e6777bc2041f", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2142-746a-b963-356230f9f952", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2142-7cd1-bc96-527461374fe1", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "ladder-of-lines"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-2142-7b30-9207-240ca76a4cb2", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 1, "activity": "three-marks"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a213c3-2142-783d-8e3a-931f520d058a", "focus": ["two-hand-catch/watch-it-in", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "harbour-lights"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-2143-786b-a49e-f3a6f9e786a3", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1888-7db9-8645-0e0cda748750", "segments": [{"id": "01a213c3-2143-722f-a5ec-8e4517890d23", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2143-719e-bd70-80eeb2da6694", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2143-7dbc-8b10-17ad2e774219", "focus": ["two-hand-catch/fingers", "two-hand-catch/soften"], "parts": [{"setting": 0, "activity": "step-to-it"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-2143-7448-bf73-b78fae422f08", "focus": ["underarm-roll/other-foot", "underarm-roll/hand-low"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "watch": "underarm-roll/hand-low", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a213c3-2143-710b-8ddc-936b316bbeb6", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "beacon-row"}], "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a213c3-2143-7b46-b8c4-c84fe18fa31a", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-1887-7650-ad33-e9a2acfa6f61", "segments": [{"id": "01a213c3-1905-792b-b9c0-2128117bc6ad", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7699-bd04-7ad383deac77", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-1905-7200-8a1a-5a170e60c9f7", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a213c3-1905-7673-8c5e-f48607f4dba8", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/soften"]}, {"id": "01a213c3-1905-7547-ae72-bf08c8a42b72", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "quay-skittles"}], "watch": "underarm-roll/eyes-on-target", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-1905-7fe5-b07f-112b3ae35b19", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/components"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/components"}], "leftOver": ["underarm-roll/finish"]}', 1, 0),
	('01a213c3-230e-73a1-88d4-047588ba0e92', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-221e-7c6f-8965-2d22bb7ead88', NULL, NULL, '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '2026-11-25 17:31:25.326816+00', 'Planned', '["b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973"]', 858, 0, 0, 72, '{"order": "INTERLEAVED", "lessons": [{"lesson": "01a213c3-222e-7c58-9ae3-b712ad121e23", "segments": [{"id": "01a213c3-224d-7f0f-aa29-5959f039d48b", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a213c3-224e-7363-8f5e-559b15190996", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 4, "introduces": []}, {"id": "01a213c3-224e-788a-a6fb-8b3349a9c68f", "focus": ["underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "watch": "underarm-roll/swing-back", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["underarm-roll/swing-back"]}, {"id": "01a213c3-224e-7689-aaf4-4b0b3133fc55", "focus": ["two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/watch-it-in"]}, {"id": "01a213c3-224e-7baf-a3b2-5d07cacc2c49", "focus": ["underarm-roll/other-foot", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["underarm-roll/other-foot"]}, {"id": "01a213c3-224e-759a-ad1f-0ef18dd64382", "focus": ["underarm-roll/other-foot", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["PLAY"], "minutes": 8, "introduces": []}, {"id": "01a213c3-224e-7dfb-9082-24d17cc7df56", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 4, "introduces": []}]}, {"lesson": "01a213c3-222e-791e-888f-ad9b74415b1f", "segments": [{"id": "01a213c3-224e-7919-aa71-11c164457016", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a213c3-224e-7161-b65d-8ed273f31924", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-224e-7365-8db8-0349d797b0c7", "focus": ["two-hand-catch/meet-it", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/meet-it"]}, {"id": "01a213c3-224e-7801-9f9c-e343efc74616", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/other-foot"], "parts": [{"setting": 0, "activity": "wall-returns"}], "watch": "underarm-roll/other-foot", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["underarm-roll/eyes-on-target"]}, {"id": "01a213c3-224e-77a0-9bd0-6d4992af4a7f", "focus": ["two-hand-catch/fingers", "two-hand-catch/meet-it"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/meet-it", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": ["two-hand-catch/fingers"]}, {"id": "01a213c3-224e-7930-a0ba-61094326deca", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 0, "activity": "tide-line"}], "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a213c3-224e-78c2-b66b-04610a48f77a", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-222e-7976-8a79-3665671e878d", "segments": [{"id": "01a213c3-224e-791a-9bbc-6115da70f345", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-224e-7312-80df-8afcfb99ef1c", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-224e-7dd7-9ff2-a9a670c7f139", "focus": ["two-hand-catch/soften", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "soft-feed"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": ["two-hand-catch/soften"]}, {"id": "01a213c3-224e-7009-a2df-123ff275ed8f", "focus": ["two-hand-catch/soften", "two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "wall-and-catch"}], "watch": "two-hand-catch/soften", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-224e-73bd-8edc-2ff44287bb52", "focus": ["two-hand-catch/meet-it", "two-hand-catch/fingers"], "parts": [{"setting": 0, "activity": "step-to-it"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-224e-7c7a-8c87-998dd54b90a5", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/other-foot"], "parts": [{"setting": 1, "activity": "beacon-row"}], "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a213c3-224e-79a1-af6c-11f290aa67af", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-222e-7a9b-972b-543e7cd8a777", "segments": [{"id": "01a213c3-224e-77ae-bfd0-91e5ecb6732b", "focus": [], "parts": [{"setting": 0, "activity": "know-and-wonder"}], "locked": false, "phases": ["GATHER"], "minutes": 3, "introduces": []}, {"id": "01a213c3-224e-707e-8ef1-d504b7e9e5cc", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-224e-79c9-b51f-688dd4f2c6ca", "focus": ["underarm-roll/eyes-on-target", "underarm-roll/swing-back"], "parts": [{"setting": 1, "activity": "three-marks"}], "watch": "underarm-roll/eyes-on-target", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-224e-7ff3-bca7-23957872c230", "focus": ["two-hand-catch/soften", "two-hand-catch/watch-it-in"], "parts": [{"setting": 0, "activity": "step-to-it"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 8, "introduces": []}, {"id": "01a213c3-224e-7003-9c5c-c41608585899", "focus": ["two-hand-catch/meet-it", "two-hand-catch/fingers"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "watch": "two-hand-catch/fingers", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 7, "introduces": []}, {"id": "01a213c3-224e-771a-a0b7-dd773a83d1f5", "focus": ["two-hand-catch/soften", "two-hand-catch/watch-it-in"], "parts": [{"setting": 1, "activity": "harbour-lights"}], "watch": "two-hand-catch/watch-it-in", "locked": false, "phases": ["PLAY"], "minutes": 9, "introduces": []}, {"id": "01a213c3-224e-740e-b23d-00ed761f235b", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/components"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/components"}], "leftOver": ["underarm-roll/hand-low", "underarm-roll/finish"]}', 1, 0),
	('01a213c3-23a1-7b96-b98d-16dafb6422f3', '01a213c3-15ca-7640-89df-f7e4daf6ac63', '01a213c3-2315-7cd9-bbd2-a3b4c785c886', NULL, NULL, '01a213c3-1648-7cd1-983d-3d08b4eb0f21', '2026-11-25 17:31:25.473327+00', 'Planned', '["b0adc3f06bcc73a39e857e443fe551e4c7f989d7472f08642a74041ecd5e2973"]', 635, 0, 0, 104, '{"order": "BLOCKED", "lessons": [{"lesson": "01a213c3-2326-768b-8f9d-a47e11cb9f00", "segments": [{"id": "01a213c3-2340-7bbc-b108-fcf0f1475a4b", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2340-71d5-a3b4-096246510ece", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2340-7851-aeed-08142aaee1f4", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 2, "activity": "drop-and-cup"}], "watch": "two-hand-catch/eyes", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["two-hand-catch/eyes"]}, {"id": "01a213c3-2340-7f26-bf6d-68bb0bc58fc8", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 0, "activity": "one-bounce-home"}], "watch": "two-hand-catch/eyes", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a213c3-2340-784a-b41f-f056c0c24bba", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 1, "activity": "hold-the-cargo"}], "watch": "two-hand-catch/eyes", "locked": false, "phases": ["PLAY"], "minutes": 6, "introduces": []}, {"id": "01a213c3-2340-7135-adc6-51b8894655ec", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-2327-78a5-88c9-300172df10d9", "segments": [{"id": "01a213c3-2340-7c7b-bd20-c37c7e5ac743", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2340-75b7-bc0f-5c29c5c91a67", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2340-73ac-9030-50820a07580e", "focus": ["underarm-roll/step"], "parts": [{"setting": 0, "activity": "twin-shadows"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/step"]}, {"id": "01a213c3-2340-7600-baf9-ea25ad1d6e66", "focus": ["underarm-roll/step"], "parts": [{"setting": 0, "activity": "shadow-roll"}], "watch": "underarm-roll/step", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 5, "introduces": []}, {"id": "01a213c3-2340-7e98-88d9-975b933741c3", "focus": ["underarm-roll/step"], "parts": [{"setting": 0, "activity": "dock-the-ball"}], "watch": "underarm-roll/step", "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a213c3-2340-761e-93f3-ece46b7e3e7f", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-2327-7700-aedf-596a630621de", "segments": [{"id": "01a213c3-2340-7d52-bd37-08f4ebb8e914", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2340-7a5d-bbf8-3226ce05ea0d", "focus": [], "parts": [{"setting": 0, "activity": "gull-waves"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2340-7f1c-81d5-592dffd8749f", "focus": ["underarm-roll/look", "underarm-roll/step"], "parts": [{"setting": 0, "activity": "wall-returns"}], "watch": "underarm-roll/step", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": ["underarm-roll/look"]}, {"id": "01a213c3-2340-76a5-a171-c5868bd6b043", "focus": ["underarm-roll/look", "underarm-roll/step"], "parts": [{"setting": 0, "activity": "face-to-face-rolls"}], "watch": "underarm-roll/step", "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a213c3-2340-7d04-996b-7be7df477c94", "focus": ["underarm-roll/look", "underarm-roll/step"], "parts": [{"setting": 1, "activity": "quay-skittles"}], "watch": "underarm-roll/look", "locked": false, "phases": ["PLAY"], "minutes": 6, "introduces": []}, {"id": "01a213c3-2340-7a7c-a42c-b01887c34032", "focus": [], "parts": [{"setting": 0, "activity": "slow-tide"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}, {"lesson": "01a213c3-2327-75d6-ac24-992a5c597258", "segments": [{"id": "01a213c3-2340-7e96-a227-781637bd72f5", "focus": [], "parts": [{"setting": 0, "activity": "harbour-talk"}], "locked": false, "phases": ["GATHER"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2340-7946-ac23-1df32871ff6c", "focus": [], "parts": [{"setting": 0, "activity": "rope-ladder"}], "locked": false, "phases": ["WARM", "RECAP"], "minutes": 2, "introduces": []}, {"id": "01a213c3-2340-7850-ac9b-55f7c6a6498c", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 1, "activity": "soft-feed"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 6, "introduces": []}, {"id": "01a213c3-2340-79b2-8918-f526c1dbeb9c", "focus": ["two-hand-catch/eyes"], "parts": [{"setting": 1, "activity": "toss-and-touch"}], "locked": false, "phases": ["TEACH", "PRACTISE"], "minutes": 5, "introduces": []}, {"id": "01a213c3-2340-7d95-83d1-d56cdeeb9ece", "focus": ["underarm-roll/look", "underarm-roll/step"], "parts": [{"setting": 0, "activity": "tide-line"}], "watch": "underarm-roll/step", "locked": false, "phases": ["PLAY"], "minutes": 7, "introduces": []}, {"id": "01a213c3-2340-7290-9d83-dede548a1b2e", "focus": [], "parts": [{"setting": 0, "activity": "moor-the-boats"}], "locked": false, "phases": ["TIDY", "COOL", "CLOSE"], "minutes": 3, "introduces": []}]}], "newCues": 1, "targets": [{"skill": "underarm-roll", "cueSet": "underarm-roll/short"}, {"skill": "two-hand-catch", "cueSet": "two-hand-catch/short"}], "leftOver": ["underarm-roll/down-low", "two-hand-catch/reach", "two-hand-catch/give"]}', 1, 0);


--
-- Name: sign_in_failure_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.sign_in_failure_id_seq', 1, false);


--
-- Name: trial_conflict_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.trial_conflict_id_seq', 1, false);


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
    ADD CONSTRAINT lesson_school_id_unit_id_position_key UNIQUE (school_id, unit_id, "position");


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
-- Name: child_cue_open; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX child_cue_open ON public.child_cue USING btree (school_id, child_id, cue_key) WHERE (to_day IS NULL);


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
-- Name: batch batch_school_id_device_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_school_id_device_id_fkey FOREIGN KEY (school_id, device_id) REFERENCES public.device(school_id, id);


--
-- Name: child_cue child_cue_school_id_child_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.child_cue
    ADD CONSTRAINT child_cue_school_id_child_id_fkey FOREIGN KEY (school_id, child_id) REFERENCES public.child(school_id, id);


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
-- Name: space space_school_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.space
    ADD CONSTRAINT space_school_id_fkey FOREIGN KEY (school_id) REFERENCES public.school(id);


--
-- Name: spring_session_attributes spring_session_attributes_fk; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spring_session_attributes
    ADD CONSTRAINT spring_session_attributes_fk FOREIGN KEY (session_primary_id) REFERENCES public.spring_session(primary_id) ON DELETE CASCADE;


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


