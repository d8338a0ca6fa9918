package io.isokinet.server.record;

import java.util.List;
import java.util.UUID;

/**
 * What became of each entry of a batch. Everything in {@code kept} is safe and may be forgotten by the device.
 *
 * @param kept saved now or before
 * @param conflicts the id was known with another content; both are kept, the first one counts
 * @param refused could not be taken; the device keeps them and shows why
 */
public record Receipt(List<UUID> kept, List<UUID> conflicts, List<Refusal> refused) {
    public record Refusal(UUID id, String why) {}
}
