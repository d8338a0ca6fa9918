package io.isokinet.server.account;

import io.isokinet.server.account.Links.LinkView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Opening a link that works once. */
@RestController
@RequestMapping("/api/links/{secret}")
class LinkController {
    private final Links links;

    LinkController(Links links) {
        this.links = links;
    }

    record UseForm(
            @Nullable @Size(max = 120) String signIn,
            @NotBlank @Size(max = 200) String password) {}

    /** @param signIn to sign in with */
    record Used(String signIn) {}

    @GetMapping
    @Anybody
    LinkView view(@PathVariable String secret) {
        return links.view(secret);
    }

    @PostMapping
    @Anybody
    Used use(@PathVariable String secret, @Valid @RequestBody UseForm form) {
        return new Used(links.use(secret, form.signIn(), form.password()));
    }
}
