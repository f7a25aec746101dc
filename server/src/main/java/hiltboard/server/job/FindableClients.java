package hiltboard.server.job;

import hiltboard.server.find.Findable;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Component;

/** Clients are found by name and by how they are reached. */
@Component
class FindableClients implements Findable {
    private final JobRepository jobs;

    FindableClients(JobRepository jobs) {
        this.jobs = jobs;
    }

    @Override
    public Kind kind() {
        return Kind.CLIENT;
    }

    @Override
    public List<Sheet> sheets(Collection<Long> ids) {
        return jobs.clients(ids).stream()
                .map(client -> new Sheet(
                        client.id(),
                        client.name(),
                        client.jobs() == 1 ? "one job" : client.jobs() + " jobs",
                        "/clients/" + client.id(),
                        false,
                        client.contact()))
                .toList();
    }
}
