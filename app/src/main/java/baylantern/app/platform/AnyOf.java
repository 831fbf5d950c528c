package baylantern.app.platform;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Collection;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;

/**
 * Hands a whole list to the store as one value: {@code id = ANY(#{ids, typeHandler=Any})}. A statement that lists its
 * values is put together, and read by the store, anew for each length of the list. A list without any finds nothing.
 */
public final class AnyOf extends BaseTypeHandler<Collection<?>> {

    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, Collection<?> list, JdbcType type)
            throws SQLException {
        statement.setObject(at, list.toArray());
    }

    @Override
    public Collection<?> getNullableResult(java.sql.ResultSet rows, String column) {
        throw new UnsupportedOperationException("A list is asked for, never answered.");
    }

    @Override
    public Collection<?> getNullableResult(java.sql.ResultSet rows, int column) {
        throw new UnsupportedOperationException("A list is asked for, never answered.");
    }

    @Override
    public Collection<?> getNullableResult(java.sql.CallableStatement call, int column) {
        throw new UnsupportedOperationException("A list is asked for, never answered.");
    }
}
