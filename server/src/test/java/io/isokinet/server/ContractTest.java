package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The contract that is checked in is the one that the application keeps. bin/contract writes it anew. */
@ExtendWith(RunningServer.class)
class ContractTest {
    private static final Path CONTRACT = Path.of("../web/openapi.json");

    @Test
    void theContractHasNotDrifted() throws IOException {
        JsonNode now = Caller.JSON.readTree(new Caller().get("/api/openapi").body());
        if (Boolean.getBoolean("isokinet.contract.write")) {
            JsonMapper pretty = JsonMapper.builder()
                    .enable(SerializationFeature.INDENT_OUTPUT)
                    .build();
            Files.writeString(CONTRACT, pretty.writeValueAsString(now) + "\n");
        }
        JsonNode checkedIn = Caller.JSON.readTree(Files.readString(CONTRACT));
        assertThat(now)
                .as("web/openapi.json has drifted from the application; run bin/contract and look at the difference")
                .isEqualTo(checkedIn);
    }
}
