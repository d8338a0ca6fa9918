package io.isokinet.core.knowhow;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.activity.ActivityKeys;
import io.isokinet.core.activity.Stations;
import io.isokinet.core.skill.Crosswalk;
import io.isokinet.core.skill.Cue;
import io.isokinet.core.skill.CueSet;
import io.isokinet.core.skill.Skill;
import io.isokinet.core.thing.Item;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** The checked, immutable index of know-how. Whoever holds one need not check references again. */
public final class KnowHow {
    private final Map<String, Skill> skills = new LinkedHashMap<>();
    private final Map<String, Cue> cues = new LinkedHashMap<>();
    private final Map<String, CueSet> sets = new LinkedHashMap<>();
    private final Map<String, Activity> activities = new LinkedHashMap<>();
    private final Map<String, Item> items = new LinkedHashMap<>();
    private final Map<String, String> cautions;
    private final Crosswalk crosswalk;
    private final Library library;
    private final List<Skill> skillList;
    private final List<Activity> activityList;
    private final List<Item> itemList;

    /** @param cautions texts by key */
    public KnowHow(
            Collection<Skill> skills,
            Collection<Activity> activities,
            Collection<Item> items,
            Map<String, String> cautions,
            Crosswalk crosswalk,
            Library library) {
        for (Skill skill : skills) {
            this.skills.put(skill.key(), skill);
            skill.cues().forEach(c -> cues.put(c.key(), c));
            skill.sets().forEach(s -> sets.put(s.key(), s));
        }
        activities.forEach(a -> this.activities.put(a.key(), a));
        items.forEach(i -> this.items.put(i.key(), i));
        this.cautions = new LinkedHashMap<>(cautions);
        this.crosswalk = crosswalk;
        this.library = library;
        this.skillList = List.copyOf(this.skills.values());
        this.activityList = List.copyOf(this.activities.values());
        this.itemList = List.copyOf(this.items.values());
    }

    /** The same with more items: a school's own things. */
    public KnowHow with(Collection<Item> more) {
        if (more.isEmpty()) return this;
        List<Item> all = new ArrayList<>(items.values());
        all.addAll(more);
        return new KnowHow(skills.values(), activities.values(), all, cautions, crosswalk, library);
    }

    /** The same with only those activities that hold. */
    public KnowHow keeping(Predicate<Activity> holds) {
        List<Activity> kept = activities.values().stream().filter(holds).toList();
        if (kept.size() == activities.size()) return this;
        return new KnowHow(skills.values(), kept, items.values(), cautions, crosswalk, library);
    }

    public List<Skill> skills() {
        return skillList;
    }

    public List<Activity> activities() {
        return activityList;
    }

    public List<Item> items() {
        return itemList;
    }

    public Map<String, Item> itemsByKey() {
        return Collections.unmodifiableMap(items);
    }

    public Map<String, String> cautions() {
        return Collections.unmodifiableMap(cautions);
    }

    public Crosswalk crosswalk() {
        return crosswalk;
    }

    /** What is read beside the skills and activities: transfer, symptoms, outcomes, games to cut down, lay-outs. */
    public Library library() {
        return library;
    }

    /** @throws UnknownKeyException if there is none */
    public Skill skill(String key) {
        return found(skills, "skill", key);
    }

    /** @throws UnknownKeyException if there is none */
    public Cue cue(String key) {
        return found(cues, "cue", key);
    }

    /** @throws UnknownKeyException if there is none */
    public CueSet set(String key) {
        return found(sets, "cue set", key);
    }

    /** @throws UnknownKeyException if there is none */
    public Activity activity(String key) {
        return found(activities, "activity", key);
    }

    /**
     * An activity, or {@link Stations} of several.
     *
     * @throws UnknownKeyException if one is not known @throws IllegalArgumentException if they cannot be stations together
     */
    public Activity activity(ActivityKeys keys) {
        List<Activity> all = keys.keys().stream().map(this::activity).toList();
        return keys.areStations() ? Stations.of(all) : all.get(0);
    }

    /** @throws UnknownKeyException if there is none */
    public Item item(String key) {
        return found(items, "item", key);
    }

    public boolean hasCue(String key) {
        return cues.containsKey(key);
    }

    public boolean hasSkill(String key) {
        return skills.containsKey(key);
    }

    public boolean hasActivity(String key) {
        return activities.containsKey(key);
    }

    /** True for stations if each of their activities is known. */
    public boolean hasActivity(ActivityKeys keys) {
        return activities.keySet().containsAll(keys.keys());
    }

    public boolean hasItem(String key) {
        return items.containsKey(key);
    }

    private static <T> T found(Map<String, T> map, String what, String key) {
        T value = map.get(key);
        if (value == null) throw new UnknownKeyException(what, key);
        return value;
    }
}
