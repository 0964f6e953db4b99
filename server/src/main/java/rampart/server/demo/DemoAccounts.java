package rampart.server.demo;

import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import rampart.server.access.Accounts;
import rampart.server.access.Role;
import rampart.server.access.Secrets;

/** Accounts with random passwords, made anew at each start of the demo and offered on its sign-in page. */
@Component
public class DemoAccounts {
    private final boolean demo;
    private final Accounts accounts;
    private volatile List<DemoAccount> offered = List.of();

    DemoAccounts(@Value("${rampart.demo:false}") boolean demo, Accounts accounts) {
        this.demo = demo;
        this.accounts = accounts;
    }

    /** One account of the demo. */
    public record DemoAccount(String name, String password, Role role) {}

    public boolean isDemo() {
        return demo;
    }

    /** What the sign-in page offers; nothing outside the demo. */
    public List<DemoAccount> offered() {
        return offered;
    }

    void makeAnew() {
        accounts.removeAll();
        List<DemoAccount> made = List.of(
                new DemoAccount("designer", Secrets.groups(4), Role.designer),
                new DemoAccount("packer", Secrets.groups(4), Role.packer),
                new DemoAccount("keeper", Secrets.groups(4), Role.keeper));
        made.forEach(account -> accounts.add(account.name(), account.password(), account.role()));
        offered = made;
    }
}
