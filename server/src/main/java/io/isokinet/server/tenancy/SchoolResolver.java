package io.isokinet.server.tenancy;

import java.util.Map;
import java.util.UUID;
import org.hibernate.cfg.MultiTenancySettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.stereotype.Component;

/** Tells Hibernate whose rows a session may see. */
@Component
class SchoolResolver implements CurrentTenantIdentifierResolver<UUID>, HibernatePropertiesCustomizer {
    @Override
    public UUID resolveCurrentTenantIdentifier() {
        return SchoolScope.currentOrNobody();
    }

    @Override
    public boolean validateExistingCurrentSessions() {
        return true;
    }

    @Override
    public void customize(Map<String, Object> properties) {
        properties.put(MultiTenancySettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
    }
}
