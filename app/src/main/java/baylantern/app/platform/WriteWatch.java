package baylantern.app.platform;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Watches every statement of every mapper: what it writes is told to {@link Changes}, what it reads while something kept
 * is reckoned is held against the facts that names. So no writer can forget to say what it changed.
 */
@Component
@Intercepts({
    @Signature(
            type = Executor.class,
            method = "update",
            args = {MappedStatement.class, Object.class}),
    @Signature(
            type = Executor.class,
            method = "query",
            args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class})
})
class WriteWatch implements Interceptor {

    // A statement that names its rows by one of these concerns them alone.
    private static final Map<Fact, List<String>> ROWS = Map.of(
            Fact.PLANTS, List.of("plantId", "plantIds"),
            Fact.NOTES, List.of("plantId", "plantIds"),
            Fact.GRAFTS, List.of("graftId", "graftIds"),
            Fact.GRAFT_STATES, List.of("graftId", "graftIds"),
            Fact.LOOKS, List.of("graftId", "graftIds"));

    // What is added to these answers with the ids of its rows, where it does not name them itself.
    private static final Set<Fact> ANSWERED = Set.of(Fact.GRAFTS, Fact.PLANTS);

    private final ObjectProvider<Changes> changes;
    private final ObjectProvider<Pen> pen;

    WriteWatch(ObjectProvider<Changes> changes, ObjectProvider<Pen> pen) {
        this.changes = changes;
        this.pen = pen;
    }

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        MappedStatement statement = (MappedStatement) invocation.getArgs()[0];
        Object parameter = invocation.getArgs()[1];
        boolean reads = invocation.getMethod().getName().equals("query");
        if (reads && !statement.isDirtySelect()) {
            if (changes.getObject().watchesReading()) {
                changes.getObject().reads(Fact.readBy(sql(statement, parameter)));
            }
            return invocation.proceed();
        }
        if (changes.getObject().reckoning()) {
            throw new IllegalStateException(statement.getId() + " writes while something is reckoned");
        }
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException(statement.getId() + " writes outside a transaction");
        }
        Set<Fact> facts = Fact.changedBy(sql(statement, parameter));
        pen.getObject().take();
        Object result = invocation.proceed();
        if (Integer.valueOf(0).equals(result)) {
            return result;
        }
        for (Fact fact : facts) {
            changes.getObject().wrote(Set.of(fact), rows(fact, parameter, result));
        }
        return result;
    }

    private static String sql(MappedStatement statement, @Nullable Object parameter) {
        return statement.getBoundSql(parameter).getSql();
    }

    private static Set<Long> rows(Fact fact, @Nullable Object parameter, @Nullable Object result) {
        Set<Long> rows = new HashSet<>();
        if (parameter instanceof Map<?, ?> named) {
            for (String name : ROWS.getOrDefault(fact, List.of())) {
                collect(named.containsKey(name) ? named.get(name) : null, rows);
            }
        }
        boolean inserted = rows.isEmpty() && ANSWERED.contains(fact) && result instanceof List;
        if (inserted) {
            collect(result, rows);
        }
        return rows;
    }

    private static void collect(@Nullable Object told, Set<Long> rows) {
        if (told instanceof Number id) {
            rows.add(id.longValue());
        } else if (told instanceof Collection<?> ids) {
            ids.forEach(id -> collect(id, rows));
        }
    }
}
