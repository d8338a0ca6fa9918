package io.isokinet.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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
        Caller.Answer said = new Caller().get("/openapi");
        assertThat(said.status()).as(said.body()).isEqualTo(200);
        JsonNode now = Caller.JSON.readTree(said.body());
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

    /** What a reader of the contract may rely on. */
    @Test
    void theContractSaysWhatComesAndHowItFails() throws IOException {
        List<String> wrong = new ArrayList<>();
        Set<String> names = new HashSet<>();
        JsonNode contract = Caller.JSON.readTree(Files.readString(CONTRACT));
        contract.get("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    String name = operation.getKey() + " " + path.getKey();
                    JsonNode is = operation.getValue();
                    if (!names.add(is.path("operationId").asString("")))
                        wrong.add(name + " shares its name with another");
                    JsonNode responses = is.get("responses");
                    if (!responses.path("400").path("$ref").asString("").endsWith("/Failure400"))
                        wrong.add(name + " does not say how it fails");
                    if (path.getKey().contains("{") && !responses.has("404")) wrong.add(name + " is never not found");
                    responses.path("200").path("content").properties().forEach(answer -> {
                        boolean bytes = answer.getValue()
                                .path("schema")
                                .path("format")
                                .asString("")
                                .equals("byte");
                        boolean isExport = path.getKey().endsWith("/export");
                        if (bytes && answer.getKey().equals("application/json") && !isExport)
                            wrong.add(name + " is a file and says that it is JSON");
                        if (answer.getKey().equals("*/*")) wrong.add(name + " does not say what comes");
                    });
                }));
        assertThat(wrong).isEmpty();
    }
}
