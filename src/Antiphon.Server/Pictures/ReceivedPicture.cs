using Antiphon.Core.Pictures;

namespace Antiphon.Server.Pictures;

/// <summary>
/// A picture that was examined and made fit to be kept: upright, without what the camera wrote into it.
/// </summary>
/// <param name="Type">Its type.</param>
/// <param name="Bytes">The file.</param>
/// <param name="Width">Width in pixels.</param>
/// <param name="Height">Height in pixels.</param>
internal sealed record ReceivedPicture(PictureType Type, byte[] Bytes, int Width, int Height);
