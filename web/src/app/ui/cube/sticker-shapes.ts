import { letterOn } from '@sleetcrest/core';
import { CanvasTexture, Shape, ShapeGeometry, SRGBColorSpace } from 'three';

/** A rounded square of side 0.84, so that the body shows round every sticker. */
export function stickerOutline(): ShapeGeometry {
  const [h, r] = [0.42, 0.1];
  const shape = new Shape();
  shape.moveTo(-h + r, -h);
  shape.lineTo(h - r, -h).quadraticCurveTo(h, -h, h, -h + r);
  shape.lineTo(h, h - r).quadraticCurveTo(h, h, h - r, h);
  shape.lineTo(-h + r, h).quadraticCurveTo(-h, h, -h, h - r);
  shape.lineTo(-h, -h + r).quadraticCurveTo(-h, -h, -h + r, -h);
  const geometry = new ShapeGeometry(shape);
  const { position, uv } = geometry.attributes;
  for (let k = 0; k < position!.count; k++) {
    uv!.setXY(k, position!.getX(k) / (2 * h) + 0.5, position!.getY(k) / (2 * h) + 0.5);
  }
  return geometry;
}

/** A sticker with its letter on it. */
export function letterTexture(colour: string, letter: string): CanvasTexture {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = 128;
  const context = canvas.getContext('2d')!;
  context.fillStyle = colour;
  context.fillRect(0, 0, 128, 128);
  context.fillStyle = letterOn(colour);
  context.font = 'bold 76px "Atkinson Hyperlegible Next", sans-serif';
  context.textAlign = 'center';
  context.textBaseline = 'middle';
  context.fillText(letter, 64, 70);
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  return texture;
}
