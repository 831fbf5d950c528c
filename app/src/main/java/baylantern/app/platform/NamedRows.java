package baylantern.app.platform;

import java.lang.reflect.Constructor;
import java.lang.reflect.Parameter;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.ResultFlag;
import org.apache.ibatis.mapping.ResultMap;
import org.apache.ibatis.mapping.ResultMapping;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.session.LocalCacheScope;

/**
 * Says once, as statements are read, which column fills which part of a record: {@code woodCutOn} is filled by
 * {@code WOOD_CUT_ON}. Left to itself the mapper library compares each column's name with each part's for every row that is
 * read, and that was nearly half of all a page costs.
 */
final class NamedRows extends Configuration {

    private static final Pattern CAPITAL = Pattern.compile("[A-Z]");

    NamedRows() {
        setMapUnderscoreToCamelCase(true);
        setArgNameBasedConstructorAutoMapping(true);
        setLocalCacheScope(LocalCacheScope.STATEMENT);
        getTypeAliasRegistry().registerAlias("Any", AnyOf.class);
    }

    @Override
    public void addMappedStatement(MappedStatement read) {
        super.addMappedStatement(
                read.getResultMaps().stream().anyMatch(this::unnamed) ? copy(read, named(read.getResultMaps())) : read);
    }

    private List<ResultMap> named(List<ResultMap> maps) {
        return maps.stream().map(map -> unnamed(map) ? named(map) : map).toList();
    }

    private boolean unnamed(ResultMap map) {
        return map.getResultMappings().isEmpty()
                && filled(map.getType())
                        .filter(made -> Arrays.stream(made.getParameterTypes())
                                .allMatch(getTypeHandlerRegistry()::hasTypeHandler))
                        .isPresent();
    }

    private ResultMap named(ResultMap map) {
        List<ResultMapping> parts = filled(map.getType()).stream()
                .flatMap(made -> Arrays.stream(made.getParameters()))
                .map(this::part)
                .toList();
        return new ResultMap.Builder(this, map.getId(), map.getType(), parts, false).build();
    }

    private ResultMapping part(Parameter part) {
        String column = CAPITAL.matcher(part.getName()).replaceAll("_$0");
        return new ResultMapping.Builder(this, part.getName(), column, part.getType())
                .flags(List.of(ResultFlag.CONSTRUCTOR))
                .build();
    }

    // What a row is made into: the way a type names for it, or else a record as it is.
    private static Optional<Constructor<?>> filled(Class<?> type) {
        List<Constructor<?>> ways = List.of(type.getDeclaredConstructors());
        return ways.stream()
                .filter(way -> way.isAnnotationPresent(AutomapConstructor.class))
                .findFirst()
                .or(() -> ways.stream()
                        .filter(way -> type.isRecord() && ways.size() == 1)
                        .findFirst());
    }

    private MappedStatement copy(MappedStatement read, List<ResultMap> maps) {
        return new MappedStatement.Builder(this, read.getId(), read.getSqlSource(), read.getSqlCommandType())
                .resource(read.getResource())
                .fetchSize(read.getFetchSize())
                .timeout(read.getTimeout())
                .statementType(read.getStatementType())
                .resultSetType(read.getResultSetType())
                .parameterMap(read.getParameterMap())
                .keyGenerator(read.getKeyGenerator())
                .lang(read.getLang())
                .flushCacheRequired(read.isFlushCacheRequired())
                .useCache(read.isUseCache())
                .dirtySelect(read.isDirtySelect())
                .resultMaps(maps)
                .build();
    }
}
