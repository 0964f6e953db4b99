package rampart.server.stores;

import rampart.core.box.StockCarton;

/**
 * A carton as it was last saved.
 *
 * @param source where its figures come from
 * @param version rises by one with each change
 */
public record StoredCarton(StockCarton carton, String source, long version) {}
