package rampart.server.access;

import java.time.Clock;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import rampart.server.store.AccountRepository;

/** The people of the house. */
@Service
public class Accounts implements UserDetailsService {
    private final AccountRepository repository;
    private final PasswordEncoder encoder;
    private final Clock clock;

    Accounts(AccountRepository repository, PasswordEncoder encoder, Clock clock) {
        this.repository = repository;
        this.encoder = encoder;
        this.clock = clock;
    }

    @Override
    public UserDetails loadUserByUsername(String name) {
        return repository
                .byName(name)
                .map(account -> User.withUsername(account.name())
                        .password(account.passwordHash())
                        .authorities(Role.valueOf(account.role()).authority())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException("no such account"));
    }

    public boolean none() {
        return repository.count() == 0;
    }

    /** @throws DuplicateKeyException if the name is taken */
    public void add(String name, String password, Role role) {
        repository.add(new AccountRepository.Account(name, encoder.encode(password), role.name()), clock.instant());
    }

    /** Removes everybody and ends their sessions. */
    public void removeAll() {
        repository.removeAll();
    }
}
