package hiltboard.server.backup;

import hiltboard.core.backup.Copy;
import hiltboard.core.backup.Copy.Reason;
import hiltboard.server.ShopClock;
import hiltboard.server.data.BeforeUpgrade;
import hiltboard.server.data.DataFolder;
import hiltboard.server.data.UnusableData;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Whoever does not like a new version of the program can go back to the old one with the data as it was. */
@Component
class BackupBeforeUpgrade implements BeforeUpgrade {
    private static final Logger LOG = LoggerFactory.getLogger(BackupBeforeUpgrade.class);

    private final DataFolder folder;
    private final ShopClock clock;

    BackupBeforeUpgrade(DataFolder folder, ShopClock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    @Override
    public void prepare(int version) {
        Copy copy = new Copy(clock.localNow(), Reason.BEFORE_UPGRADE);
        try {
            ShopCopy.make(folder.shop(), new CopyFolder(folder.backups()).file(copy));
            LOG.info(
                    "The data of version {} is kept as {} before it is brought to this program’s",
                    version,
                    copy.name());
        } catch (UnusableData failure) {
            throw new UnusableData("The data could not be kept before it is brought to this program’s version, so that "
                    + "nothing was changed: " + failure.getMessage());
        }
    }
}
