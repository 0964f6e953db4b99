package rampart.server.access;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;

/** What a person may do; each role may do what those after it may. */
public enum Role {
    /** Keeps the house: people, units, what was done by whom. */
    keeper,
    /** Makes and changes packs, and what lies in the stores. */
    designer,
    /** Reads and prints. */
    packer;

    /** As Spring Security names it. */
    String authority() {
        return "ROLE_" + name();
    }

    /** The authority of this role and of all it includes. */
    List<GrantedAuthority> authorities() {
        return Arrays.stream(values())
                .filter(role -> role.compareTo(this) >= 0)
                .<GrantedAuthority>map(role -> new SimpleGrantedAuthority(role.authority()))
                .toList();
    }

    /** The highest role among the authorities. */
    public static Role of(Collection<? extends GrantedAuthority> authorities) {
        return Arrays.stream(values())
                .filter(role ->
                        authorities.stream().anyMatch(a -> role.authority().equals(a.getAuthority())))
                .findFirst()
                .orElseThrow();
    }
}
