package rampart.server.access;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.AccountRepository;
import rampart.server.persistence.AccountRepository.Account;
import rampart.server.persistence.TryAgain;

/** The people of the house. Rights that change end the visits that had the old ones. */
@Service
public class Accounts implements UserDetailsService {
    private final AccountRepository repository;
    private final PasswordEncoder encoder;
    private final Visits visits;
    private final Trail trail;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Accounts(
            AccountRepository repository,
            PasswordEncoder encoder,
            Visits visits,
            Trail trail,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.transaction = TryAgain.template(transactions);
        this.repository = repository;
        this.encoder = encoder;
        this.visits = visits;
        this.trail = trail;
        this.clock = clock;
    }

    @Override
    public UserDetails loadUserByUsername(String name) {
        return repository
                .byName(AccountName.of(name))
                .map(account -> User.withUsername(account.name())
                        .password(account.passwordHash())
                        .authorities(Role.valueOf(account.role()).authorities())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException("no such account"));
    }

    public boolean none() {
        return repository.count() == 0;
    }

    /** Everybody, in order of name. */
    public List<Account> all() {
        return repository.all();
    }

    public Optional<Account> byId(long id) {
        return repository.byId(id);
    }

    /** @throws DuplicateKeyException if the name is taken */
    public void add(String name, String password, Role role) {
        repository.add(AccountName.of(name), encoder.encode(password), role.name(), clock.instant());
    }

    /**
     * A new person with a password to hand over.
     *
     * @return the password, known to nobody else
     * @throws DuplicateKeyException if the name is taken
     */
    public String add(String name, Role role, String by) {
        String password = Secrets.groups(4);
        // Hashing takes its time and waits its turn: no connection is held meanwhile.
        String hash = encoder.encode(password);
        transaction.executeWithoutResult(status -> {
            repository.add(AccountName.of(name), hash, role.name(), clock.instant());
            trail.add(
                    by,
                    EventType.PERSON_ADDED,
                    Subject.person(AccountName.of(name)),
                    new Detail.Rights("", role.name()));
        });
        return password;
    }

    /** Thrown where a house would be left without anybody who may keep it. */
    public static final class LastKeeperException extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    @Transactional
    public void setRole(Account account, Role role, String by) {
        if (role != Role.keeper) {
            leaveAKeeper(account);
        }
        repository.setRole(account.id(), role.name());
        trail.add(
                by,
                EventType.RIGHTS_CHANGED,
                Subject.person(account.name()),
                new Detail.Rights(account.role(), role.name()));
        visits.endAll(account.name());
    }

    /** Gives the account a new password to hand over. */
    public String resetPassword(Account account, String by) {
        String password = Secrets.groups(4);
        String hash = encoder.encode(password);
        transaction.executeWithoutResult(status -> {
            repository.setPassword(account.id(), hash);
            trail.add(by, EventType.PASSWORD_RESET, Subject.person(account.name()), Detail.NOTHING);
            visits.endAll(account.name());
        });
        return password;
    }

    /** Changes one's own password. Other visits of the account end. */
    public void changePassword(String name, String fresh, String sessionId) {
        Account account = repository.byName(name).orElseThrow();
        String hash = encoder.encode(fresh);
        transaction.executeWithoutResult(status -> {
            repository.setPassword(account.id(), hash);
            trail.add(name, EventType.PASSWORD_CHANGED, Subject.person(name), Detail.NOTHING);
            visits.endAllBut(account.name(), sessionId);
        });
    }

    @Transactional
    public void remove(Account account, String by) {
        leaveAKeeper(account);
        repository.remove(account.id());
        trail.add(by, EventType.PERSON_REMOVED, Subject.person(account.name()), new Detail.Rights(account.role(), ""));
        visits.endAll(account.name());
    }

    private void leaveAKeeper(Account account) {
        if (account.role().equals(Role.keeper.name()) && repository.lockAllOf(Role.keeper.name()) <= 1) {
            throw new LastKeeperException();
        }
    }

    /** Removes everybody and ends their sessions. */
    public void removeAll() {
        repository.removeAll();
    }
}
