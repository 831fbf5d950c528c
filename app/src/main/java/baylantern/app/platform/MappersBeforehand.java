package baylantern.app.platform;

import java.util.Objects;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.mybatis.spring.mapper.MapperScannerConfigurer;
import org.springframework.aot.generate.GenerationContext;
import org.springframework.beans.factory.aot.BeanRegistrationAotContribution;
import org.springframework.beans.factory.aot.BeanRegistrationAotProcessor;
import org.springframework.beans.factory.aot.BeanRegistrationCode;
import org.springframework.beans.factory.aot.BeanRegistrationCodeFragments;
import org.springframework.beans.factory.aot.BeanRegistrationCodeFragmentsDecorator;
import org.springframework.beans.factory.aot.BeanRegistrationExcludeFilter;
import org.springframework.beans.factory.support.RegisteredBean;
import org.springframework.beans.factory.support.RootBeanDefinition;
import org.springframework.core.ResolvableType;
import org.springframework.javapoet.ClassName;
import org.springframework.javapoet.CodeBlock;

/**
 * Which parts the application has and how they hang together is written down at the build, so that no start works it out
 * again. This writes down the mappers: each where it may be seen, as what it is.
 */
class MappersBeforehand implements BeanRegistrationAotProcessor, BeanRegistrationExcludeFilter {

    @Override
    public @Nullable BeanRegistrationAotContribution processAheadOfTime(RegisteredBean bean) {
        return bean.getBeanClass() == MapperFactoryBean.class
                ? BeanRegistrationAotContribution.withCustomCodeFragments(usual -> new Written(usual, mapper(bean)))
                : null;
    }

    @Override
    public boolean isExcludedFromAotProcessing(RegisteredBean bean) {
        return bean.getBeanClass() == MapperScannerConfigurer.class;
    }

    private static Class<?> mapper(RegisteredBean bean) {
        return (Class<?>) Objects.requireNonNull(
                bean.getMergedBeanDefinition().getPropertyValues().get("mapperInterface"));
    }

    private static final class Written extends BeanRegistrationCodeFragmentsDecorator {

        private final Class<?> mapper;

        Written(BeanRegistrationCodeFragments usual, Class<?> mapper) {
            super(usual);
            this.mapper = mapper;
        }

        @Override
        public ClassName getTarget(RegisteredBean bean) {
            return ClassName.get(mapper);
        }

        @Override
        public CodeBlock generateNewBeanDefinitionCode(
                GenerationContext context, ResolvableType type, BeanRegistrationCode code) {
            return super.generateNewBeanDefinitionCode(
                    context, ResolvableType.forClassWithGenerics(MapperFactoryBean.class, mapper), code);
        }

        // Its name alone, as it was found, is not enough for what is written down.
        @Override
        public CodeBlock generateSetBeanDefinitionPropertiesCode(
                GenerationContext context,
                BeanRegistrationCode code,
                RootBeanDefinition definition,
                Predicate<String> attributes) {
            definition.getConstructorArgumentValues().clear();
            definition.getConstructorArgumentValues().addIndexedArgumentValue(0, mapper);
            return super.generateSetBeanDefinitionPropertiesCode(context, code, definition, attributes);
        }
    }
}
