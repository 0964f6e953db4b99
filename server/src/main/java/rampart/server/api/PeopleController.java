package rampart.server.api;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.json.Problem;
import rampart.formats.view.Nullable;
import rampart.server.access.Accounts;
import rampart.server.access.OwnPassword;
import rampart.server.access.Role;
import rampart.server.messages.Message;
import rampart.server.persistence.AccountRepository.Account;

/** The people of the house; for its keepers. */
@RestController
@RequestMapping(path = "/api/people", produces = MediaType.APPLICATION_JSON_VALUE)
class PeopleController {
    private final Accounts accounts;
    private final OwnPassword ownPassword;

    PeopleController(Accounts accounts, OwnPassword ownPassword) {
        this.accounts = accounts;
        this.ownPassword = ownPassword;
    }

    /** Somebody with an account. */
    record Member(long id, String name, Role role, Instant since) {
        static Member of(Account account) {
            return new Member(account.id(), account.name(), Role.valueOf(account.role()), account.createdAt());
        }
    }

    /**
     * Somebody to add.
     *
     * @param ownPassword of the keeper who adds another; others are added without
     */
    record NewMember(
            @NotNull(message = "give a name") @Pattern(regexp = PersonName.PATTERN, message = PersonName.MESSAGE)
            String name,

            @NotNull(message = "give the rights: keeper, designer or packer")
            Role role,

            @Nullable String ownPassword) {}

    /**
     * Other rights for somebody.
     *
     * @param ownPassword of the keeper who changes them
     */
    record Rights(
            @NotNull(message = "give the rights: keeper, designer or packer")
            Role role,

            @Nullable String ownPassword) {}

    /** The keeper's own password. */
    record Confirmed(@Nullable String ownPassword) {}

    /** A password to hand over; it is shown this once. */
    record HandedPassword(String name, String password) {}

    @GetMapping
    List<Member> all() {
        return accounts.all().stream().map(Member::of).toList();
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    HandedPassword add(
            @Valid @RequestBody NewMember member, Principal who, @Parameter(hidden = true) HttpServletRequest request) {
        if (member.role() == Role.keeper) {
            confirm(who, member.ownPassword(), request);
        }
        try {
            return new HandedPassword(member.name(), accounts.add(member.name(), member.role(), who.getName()));
        } catch (DuplicateKeyException e) {
            throw new ApiException(Message.NAME_TAKEN, member.name());
        }
    }

    @PutMapping(path = "/{id}/rights", consumes = MediaType.APPLICATION_JSON_VALUE)
    Member rights(
            @PathVariable("id") long id,
            @Valid @RequestBody Rights rights,
            Principal who,
            @Parameter(hidden = true) HttpServletRequest request) {
        confirm(who, rights.ownPassword(), request);
        accounts.setRole(find(id), rights.role(), who.getName());
        return Member.of(find(id));
    }

    @PostMapping(path = "/{id}/password", consumes = MediaType.APPLICATION_JSON_VALUE)
    HandedPassword resetPassword(
            @PathVariable("id") long id,
            @Valid @RequestBody Confirmed confirmed,
            Principal who,
            @Parameter(hidden = true) HttpServletRequest request) {
        confirm(who, confirmed.ownPassword(), request);
        Account account = find(id);
        return new HandedPassword(account.name(), accounts.resetPassword(account, who.getName()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable("id") long id, Principal who) {
        accounts.remove(find(id), who.getName());
    }

    @ExceptionHandler
    ProblemDetail lastKeeper(Accounts.LastKeeperException e) {
        return Problems.detail(Message.LAST_KEEPER);
    }

    private void confirm(Principal who, String password, HttpServletRequest request) {
        if (password == null || password.isEmpty() || !ownPassword.isRight(who, password, request)) {
            throw new FieldsException(
                    Message.OWN_PASSWORD,
                    List.of(new Problem("/ownPassword", "this is not the password you have now; type your own again")));
        }
    }

    private Account find(long id) {
        return accounts.byId(id).orElseThrow(() -> new ApiException(Message.NO_SUCH_PERSON));
    }
}
