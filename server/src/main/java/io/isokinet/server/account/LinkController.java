package io.isokinet.server.account;

import io.isokinet.server.account.Links.LinkView;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
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
    private final Accounts accounts;
    private final KnownDevices devices;

    LinkController(Links links, Accounts accounts, KnownDevices devices) {
        this.links = links;
        this.accounts = accounts;
        this.devices = devices;
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

    /**
     * The browser that it is used in is known from then on: whoever goes on guessing elsewhere does not keep its person out, so that a
     * new password from the lead is the way back in.
     */
    @PostMapping
    @Anybody
    Used use(
            @PathVariable String secret,
            @Valid @RequestBody UseForm form,
            HttpServletRequest request,
            HttpServletResponse response) {
        String signIn = links.use(secret, form.signIn(), form.password());
        accounts.whose(signIn).ifPresent(person -> devices.remember(person, request, response));
        return new Used(signIn);
    }
}
