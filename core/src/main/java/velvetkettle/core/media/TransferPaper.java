package velvetkettle.core.media;

/** Art printed on a sheet whose coating goes over to the cloth. */
public sealed interface TransferPaper extends PressMedium permits LightTransferPaper {}
